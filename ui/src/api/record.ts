import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
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
  'build/lamps': Schemas['Entry.LampsSaid'];
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
  'bind/motor-turned': Schemas['Entry.MotorTurned'];
  'bind/act-opened': Schemas['Entry.ActOpened'];
  'bind/act-ended': Schemas['Entry.ActEnded'];
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
  DECISIONS.has(type) ||
  (type === 'build/lamps' && (body as Bodies['build/lamps']).said.some((s) => s.is === 'connected'));

/** An entry to be recorded with another, all or none. */
export type Said = { type: keyof Bodies; body: Bodies[keyof Bodies] };

export type Recorder = ReturnType<typeof useRecord>;

/** A look that something waits for: the refusal that led to it, and how to go on. */
export type Asked = { refusal: Refusal; lamp: string; answer: (said: boolean) => void };

/** The lamp that a refusal leads to, whichever of several entries it was for; empty where it leads elsewhere. */
export const lampOf = (refusal: Refusal | null) => /lamps\..*$/.exec(refusal?.where ?? '')?.[0] ?? '';

/**
 * Records entries of one job. What is refused for a lamp waits until somebody has looked, and is then recorded by itself.
 * Holds the last other refusal so that the screen can show it where it belongs.
 */
export function useRecord(jobId: string) {
  const client = useQueryClient();
  const me = useMe();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const last = useRef<Refusal | null>(null);
  const [busy, setBusy] = useState(false);

  const attempt = useCallback(
    async (said: Said[], ids: string[]): Promise<Refusal | 'signed-out' | null> => {
      const decision = said.some((s) => isDecision(s.type, s.body));
      const seq = client.getQueryData<Schemas['JobView']>(['job', jobId])?.seq ?? 0;
      const entries = said.map((s, i) => ({
        entryId: ids[i]!,
        type: s.type,
        body: s.body,
        observedAt: new Date().toISOString(),
        expectedSeq: decision ? seq : null,
      }));
      try {
        const answer = await post(
          { id: ids[0]!, at: Date.now(), jobId, person: me?.id ?? '', look: currentLook(), entries },
          decision,
        );
        if (answer !== 'waiting') await refresh(client);
        return null;
      } catch (e) {
        // A sign-in that ran out is asked for over the screen; what was decided is decided again then.
        if (e instanceof Refusal && e.status === 401) return 'signed-out';
        if (e instanceof Refusal && e.status === 409) await refresh(client);
        return e instanceof Refusal ? e : new Refusal(0, 'network', 'The server cannot be reached; this needs it.', '');
      }
    },
    [client, jobId, me?.id],
  );

  const record = useCallback(
    async <T extends keyof Bodies>(type: T, body: Bodies[T], follow?: (id: string) => Said): Promise<boolean> => {
      setRefusal(null);
      last.current = null;
      for (;;) {
        const ids = [crypto.randomUUID(), crypto.randomUUID()];
        setBusy(true);
        const refused = await attempt(follow ? [{ type, body }, follow(ids[0]!)] : [{ type, body }], ids);
        setBusy(false);
        if (refused === null) return true;
        if (refused === 'signed-out') return false;
        const lamp = lampOf(refused);
        if (type === 'build/lamps' || !lamp) {
          setRefusal(refused);
          last.current = refused;
          return false;
        }
        const looked = await new Promise<boolean>((answer) => setAsked({ refusal: refused, lamp, answer }));
        setAsked(null);
        if (!looked) return false;
      }
    },
    [attempt],
  );

  /** The refusal of what was just recorded, before the screen has it. */
  const why = () => last.current;
  return { record, refusal, why, asked, clear: () => setRefusal(null), busy };
}
