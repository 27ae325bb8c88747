import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { type Refusal, refusalOf, type Schemas } from './client';
import { type Bodies, ENTRIES, type EntryType } from './contract';
import { currentLook } from './look';
import { leads, type Me, useMe } from './me';
import { type Posted, post } from './outbox';
import { refresh } from './queries';

/** An entry to be recorded with another, all or none. */
export type Said<K extends EntryType = EntryType> = { [T in K]: { type: T; body: Bodies[T] } }[K];

/** Whether it is decided on what the screen shows, and needs the server there and then. */
const DECIDES = {
  never: () => false,
  always: () => true,
  whenConnecting: (said: Said) =>
    said.type === 'build/lamps' && said.body.said.some((lamp: Schemas['LampSaid']) => lamp.is === 'connected'),
};
const isDecision = (said: Said) => DECIDES[ENTRIES[said.type].decides](said);

const MAY = {
  anybody: () => true,
  bench: (me: Me) => leads(me) || me.role === 'technician',
  lead: (me: Me) => leads(me),
};

/** Whether somebody may record this kind at all; what it asks beyond the role the server says. */
export const may = (me: Me | null | undefined, type: EntryType) => !!me && MAY[ENTRIES[type].by](me);

/** Records what is said of one job; `K` are the kinds that whoever has it may record. */
export type Recorder<K extends EntryType> = {
  /** True when it was taken, or waits on this device. `follow` is recorded with it, all or none. */
  record: <T extends K>(type: T, body: Bodies[T], follow?: (id: string) => Said<K>) => Promise<boolean>;
  /** The last refusal that no look at the lamps can mend. */
  refusal: Refusal | null;
  /** The refusal of what was just recorded, before the screen has it. */
  why: () => Refusal | null;
  asked: Asked | null;
  clear: () => void;
  busy: boolean;
};

/** A look that something waits for: the refusal that led to it, and how to go on. */
export type Asked = { refusal: Refusal; lamp: string; answer: (said: boolean) => void };

/** The lamp that is in the way, by its key; empty where none is. */
export const lampOf = (refusal: Refusal | null) => String(refusal?.detail.lamp ?? '');

/**
 * Records entries of one job. What is refused for a lamp waits until somebody has looked, and is then recorded by itself.
 * Holds the last other refusal so that the screen can show it where it belongs.
 */
export function useRecord(jobId: string): Recorder<EntryType> {
  const client = useQueryClient();
  const me = useMe();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const last = useRef<Refusal | null>(null);
  const [busy, setBusy] = useState(false);

  const attempt = useCallback(
    async (said: Said[], ids: string[]): Promise<Refusal | 'signed-out' | null> => {
      const decision = said.some(isDecision);
      const seq = client.getQueryData<Schemas['JobView']>(['job', jobId])?.seq ?? 0;
      const entries = said.map(
        (s, i): Posted => ({
          entryId: ids[i]!,
          type: s.type,
          body: s.body,
          observedAt: new Date().toISOString(),
          expectedSeq: decision ? seq : null,
        }),
      );
      const by = { person: me?.id ?? '', personName: me?.name ?? '', look: currentLook() };
      try {
        const answer = await post({ id: ids[0]!, jobId, ...by, entries }, decision);
        if (answer !== 'waiting') await refresh(client);
        return null;
      } catch (e) {
        const refused = refusalOf(e);
        // A sign-in that ran out is asked for over the screen; what was decided is decided again then.
        if (refused.status === 401) return 'signed-out';
        if (refused.status === 409) await refresh(client);
        return refused;
      }
    },
    [client, jobId, me?.id, me?.name],
  );

  const record: Recorder<EntryType>['record'] = useCallback(
    async (type, body, follow) => {
      setRefusal(null);
      last.current = null;
      for (;;) {
        const ids = [crypto.randomUUID(), crypto.randomUUID()];
        const said = { type, body } as Said;
        setBusy(true);
        const refused = await attempt(follow ? [said, follow(ids[0]!)] : [said], ids);
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

  return { record, refusal, why: () => last.current, asked, clear: () => setRefusal(null), busy };
}
