import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, refusalOf } from '../../api/client';
import { type Me, useMe } from '../../api/me';
import { onWaiting, type Waiting } from '../../api/outbox';
import { type KeptTrip, keepTrip, keptTrip, type Said } from '../../api/trip';

// ms between looks for a server that was away.
const AGAIN = 5000;

/** Where the list comes from. `signedOut`: the server wants a PIN before anything is sent. */
export type Reach = 'opening' | 'here' | 'away' | 'signedOut' | 'gone';

/**
 * The trip's list of a job: from the server while it answers, else as this phone keeps it, with what was answered here
 * and waits.
 */
export function useTrip(jobId: string) {
  const client = useQueryClient();
  const me = useMe();
  const [kept, setKept] = useState<KeptTrip>();
  const [reach, setReach] = useState<Reach>('opening');
  const [waiting, setWaiting] = useState<Waiting[]>([]);
  const [round, setRound] = useState(0);
  useEffect(() => onWaiting(setWaiting), []);

  const mine = waiting.filter((w) => w.jobId === jobId && w.person === kept?.person);
  const left = mine.length;
  // A new round whenever something was sent, and now and then while the server is away.
  useEffect(() => {
    let over = false;
    void left;
    void round;
    fetched(jobId, me).then(
      ([trip, from]) => {
        if (over) return;
        setKept(trip);
        setReach(from);
      },
      () => {},
    );
    return () => {
      over = true;
    };
  }, [jobId, me, left, round]);
  useEffect(() => {
    const timer = setInterval(() => {
      if (reach === 'here' && left === 0) return;
      // Whoever is signed in is asked for anew: what waits is sent in their name alone.
      void client.invalidateQueries({ queryKey: ['me'] });
      setRound((r) => r + 1);
    }, AGAIN);
    return () => clearInterval(timer);
  }, [client, reach, left]);

  const say = (change: Partial<Said>) =>
    setKept((k) => {
      if (!k) return k;
      const next = { ...k, said: { ...k.said, ...change } };
      void keepTrip(next);
      return next;
    });
  return { kept, reach, mine, say, me };
}

async function fetched(jobId: string, me: Me | null | undefined): Promise<[KeptTrip | undefined, Reach]> {
  const before = await keptTrip(jobId);
  try {
    const path = { id: jobId };
    const trip = answer(await api.GET('/api/jobs/{id}/check/trip', { params: { path } }));
    const who = me ?? answer(await api.GET('/api/me'));
    const said = before?.person === who.id ? before.said : { second: '' };
    const kept = { jobId, person: who.id, personName: who.name, trip, said };
    await keepTrip(kept);
    return [kept, 'here'];
  } catch (e) {
    const refusal = refusalOf(e);
    if (refusal.status === 401) return [before, before ? 'signedOut' : 'gone'];
    if (refusal.status === 404) return [undefined, 'gone'];
    return [before, 'away'];
  }
}
