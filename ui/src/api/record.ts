import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useMe } from './me';
import { Refusal, type Schemas } from './client';
import { currentLook } from './look';
import { post } from './outbox';
import { refresh } from './queries';

/** The entry kinds and their bodies, as the server's document states them. */
export type Bodies = {
  'receive/battery': Schemas['Entry.BatteryGiven'];
  'receive/receiver': Schemas['Entry.ReceiverGiven'];
  'receive/promised': Schemas['Entry.PromiseChanged'];
  'receive/value-given': Schemas['Entry.ValueGiven'];
  'receive/sheet-moved': Schemas['Entry.SheetMoved'];
  'receive/pack-brought': Schemas['Entry.PackBrought'];
  'receive/pack-chosen': Schemas['Entry.PackChosen'];
  'receive/transmitter': Schemas['Entry.TransmitterBrought'];
  'receive/add-on': Schemas['Entry.AddOnBrought'];
  'receive/carton': Schemas['Entry.CartonSeen'];
  'receive/supplier': Schemas['Entry.SupplierSaid'];
  'receive/box-photo': Schemas['Entry.BoxPhotographed'];
  'receive/school': Schemas['Entry.SchoolChosen'];
  'receive/to-buy': Schemas['Entry.ToBuySaid'];
  'unpack/papers': Schemas['Entry.PapersFound'];
  'unpack/counted': Schemas['Entry.Counted'];
  'unpack/count-set': Schemas['Entry.CountSet'];
  'unpack/bag-counted': Schemas['Entry.BagCounted'];
  'unpack/wrong': Schemas['Entry.WrongPart'];
  'unpack/extra': Schemas['Entry.ExtraPart'];
  'unpack/finding': Schemas['Entry.FindingRaised'];
  'unpack/disposition': Schemas['Entry.Disposed'];
  'unpack/repaired': Schemas['Entry.Repaired'];
  'unpack/reinspected': Schemas['Entry.Reinspected'];
  'unpack/wrong-counted': Schemas['Entry.WrongCounted'];
  'unpack/paper-elsewhere': Schemas['Entry.PaperFromElsewhere'];
  'unpack/substitute': Schemas['Entry.SubstituteAccepted'];
  'unpack/walked': Schemas['Entry.Walked'];
  'unpack/photo': Schemas['Entry.FindingPhotographed'];
  'unpack/origin': Schemas['Entry.OriginSaid'];
  'unpack/regraded': Schemas['Entry.Regraded'];
  'unpack/claim-sent': Pick<Schemas['Entry.ClaimSent'], 'findings' | 'parts' | 'wish'>;
  'unpack/claim-posted': Schemas['Entry.ClaimPosted'];
  'unpack/claim-answered': Schemas['Entry.ClaimAnswered'];
  'unpack/parts-arrived': Schemas['Entry.PartsArrived'];
  'build/step-started': Schemas['Entry.StepStarted'];
  'build/step-done': Schemas['Entry.StepDone'];
  'build/step-undone': Schemas['Entry.StepUndone'];
  'build/step-handled': Schemas['Entry.StepHandled'];
  'build/cure-began': Schemas['Entry.CureBegan'];
  'build/propeller': Schemas['Entry.PropellerSaid'];
  'build/pack': Schemas['Entry.PackSaid'];
  'build/transmitter': Schemas['Entry.TransmitterSaid'];
  'build/loop-opened': Schemas['Entry.LoopOpened'];
  'build/loop-closed': Schemas['Entry.LoopClosed'];
  'build/linkage-moved': Schemas['Entry.LinkageMoved'];
  'bind/bound': Schemas['Entry.Bound'];
  'bind/failsafe': Schemas['Entry.FailsafeSeen'];
  'bind/direction': Schemas['Entry.DirectionSeen'];
  'bind/reversed': Schemas['Entry.Reversed'];
  'bind/called': Schemas['Entry.CalledSeen'];
  'bind/set': Schemas['Entry.RadioSet'];
  'bind/motor-wires': Schemas['Entry.MotorWiresChanged'];
  'throws/read': Schemas['Entry.ThrowRead'];
  'throws/travel-set': Schemas['Entry.TravelSet'];
  'throws/freedom': Schemas['Entry.FreedomSeen'];
  'throws/neutral': Schemas['Entry.NeutralRead'];
  'throws/holes': Schemas['Entry.HolesSeen'];
  'throws/trim-set': Schemas['Entry.TrimSet'];
  'balance/weighed': Schemas['Entry.Weighed'];
  'balance/pack-moved': Schemas['Entry.PackMoved'];
  'balance/ballast': Schemas['Entry.BallastFitted'];
  'handover/conceded': Schemas['Entry.Conceded'];
  'handover/released': Record<string, never>;
  'handover/owner-answered': Schemas['Entry.OwnerAnswered'];
  'handover/reopened': Schemas['Entry.Reopened'];
  'job/retracted': Schemas['Entry.Retracted'];
};

const DECISIONS = new Set<keyof Bodies>([
  'receive/promised',
  'receive/value-given',
  'receive/sheet-moved',
  'receive/pack-chosen',
  'receive/school',
  'unpack/origin',
  'unpack/regraded',
  'unpack/claim-sent',
  'unpack/count-set',
  'unpack/disposition',
  'build/cure-began',
  'handover/conceded',
  'handover/released',
  'handover/reopened',
  'job/retracted',
]);
const isDecision = (type: keyof Bodies, body: unknown) =>
  DECISIONS.has(type) || (type === 'build/pack' && (body as Bodies['build/pack']).state === 'connected');

/** An entry to be recorded with another, all or none. */
export type Said = { type: keyof Bodies; body: Bodies[keyof Bodies] };

export type Recorder = ReturnType<typeof useRecord>;

/** Records entries of one job. Holds the last refusal so that the screen can show it where it belongs. */
export function useRecord(jobId: string, seq: number) {
  const client = useQueryClient();
  const me = useMe();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);

  const record = useCallback(
    async <T extends keyof Bodies>(type: T, body: Bodies[T], follow?: (id: string) => Said): Promise<boolean> => {
      setBusy(true);
      setRefusal(null);
      const id = crypto.randomUUID();
      const said: Said[] = follow ? [{ type, body }, follow(id)] : [{ type, body }];
      const decision = said.some((s) => isDecision(s.type, s.body));
      const entries = said.map((s, i) => ({
        entryId: i === 0 ? id : crypto.randomUUID(),
        type: s.type,
        body: s.body,
        observedAt: new Date().toISOString(),
        expectedSeq: decision ? seq : null,
      }));
      try {
        const answer = await post(
          { id, at: Date.now(), jobId, person: me?.id ?? '', look: currentLook(), entries },
          decision,
        );
        if (answer !== 'waiting') await refresh(client);
        return true;
      } catch (e) {
        // A sign-in that ran out is asked for over the screen; what was decided is decided again then.
        if (e instanceof Refusal && e.status === 401) return false;
        setRefusal(
          e instanceof Refusal ? e : new Refusal(0, 'network', 'The server cannot be reached; this needs it.', ''),
        );
        if (e instanceof Refusal && e.status === 409) await refresh(client);
        return false;
      } finally {
        setBusy(false);
      }
    },
    [client, jobId, me?.id, seq],
  );

  return { record, refusal, clear: () => setRefusal(null), busy };
}
