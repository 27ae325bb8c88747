import { type DBSchema, openDB } from 'idb';
import { api, answer, Refusal, refusalOf, type Schemas } from './client';
import { type Bodies, ENTRIES, type EntryType } from './contract';

/** One entry as it is posted. */
export type Posted<T extends EntryType = EntryType> = {
  entryId: string;
  type: T;
  body: Bodies[T];
  observedAt: string;
  expectedSeq: number | null;
};

/** Something recorded on this device that the server has not taken yet. */
export type Waiting = {
  id: string;
  at: number;
  jobId: string;
  person: string;
  personName: string;
  look: string;
  entries: Posted[];
  /** Why the server could not record anything for now. It is sent again. */
  later?: string;
  /** Why the server did not take it, and what it was, in its words. It stays until somebody mends it or lets it go. */
  refused?: { text: string; said: string };
};

/*
 * One queue for each job and person, in order: nothing overtakes what was recorded before it. Whoever has something to
 * send sends what waits ahead of it first; in whatever tab, one sends at a time. A refused one at the head holds back
 * what was recorded after it, since that may rest on it, and no other job.
 */
interface Shelf extends DBSchema {
  waiting: { key: string; value: Waiting };
}

const shelf = openDB<Shelf>('zygotome-outbox', 1, {
  upgrade: (db) => void db.createObjectStore('waiting', { keyPath: 'id' }),
});
const listeners = new Set<(all: Waiting[]) => void>();

const all = async () => (await (await shelf).getAll('waiting')).sort((a, b) => a.at - b.at);
const queue = async (jobId: string, person: string) =>
  (await all()).filter((w) => w.jobId === jobId && w.person === person);

async function keep(w: Waiting) {
  await (await shelf).put('waiting', w);
  await tell();
}

async function drop(id: string) {
  await (await shelf).delete('waiting', id);
  await tell();
}

async function tell() {
  const now = await all();
  for (const listener of listeners) listener(now);
}

/** Says what lies on this device, oldest first, now and whenever it changes. */
export function onWaiting(listener: (all: Waiting[]) => void) {
  listeners.add(listener);
  void tell();
  return () => void listeners.delete(listener);
}

/** Later than everything recorded on this device before, however quick the hands or wrong the clock. */
let newest = 0;
const inOrder = () => {
  newest = Math.max(Date.now(), newest + 1);
  return newest;
};

async function send(w: Waiting) {
  const params = { path: { id: w.jobId } };
  const [first] = w.entries;
  const { door } = ENTRIES[first!.type];
  // What the server writes itself is asked for, one at a time.
  if (door !== '/api/jobs/{id}/entries') {
    const { entryId, observedAt, expectedSeq, body } = first!;
    const asked = { entryId, observedAt, expectedSeq: expectedSeq ?? 0, look: w.look, ...body };
    return answer(await api.POST(door, { params, body: asked as Schemas['ReleasePost'] & Schemas['ClaimPost'] }));
  }
  return answer(
    await api.POST(door, { params, body: { entries: w.entries, look: w.look, sentAt: new Date().toISOString() } }),
  );
}

/** What somebody at a form still waits to hear of. */
const asking = new Map<string, (end: End) => void>();
type End = Schemas['EntriesAnswer'] | Refusal | 'waiting';

/** What became of one that was sent: taken, kept for another time, or refused. */
async function tried(w: Waiting): Promise<End> {
  try {
    return await send(w);
  } catch (e) {
    const refusal = refusalOf(e);
    // No network, a proxy with nothing behind it, a sign-in that ran out.
    const answered = refusal.answered || (refusal.status >= 400 && refusal.status < 500);
    if (!answered || refusal.status === 401) return 'waiting';
    // The server cannot write at all: nothing of this job is at fault.
    if (refusal.status === 503 || refusal.status === 507) {
      await keep({ ...w, later: refusal.message });
      return 'waiting';
    }
    return refusal;
  }
}

/** Sends a queue as far as it goes. How many were taken. */
async function drain(jobId: string, person: string) {
  let taken = 0;
  for (;;) {
    const [head] = await queue(jobId, person);
    if (!head) return taken;
    const end = head.refused ? 'waiting' : await tried(head);
    const form = asking.get(head.id);
    if (end === 'waiting') {
      for (const w of await queue(jobId, person)) asking.get(w.id)?.('waiting');
      return taken;
    }
    if (end instanceof Refusal) {
      // Whoever still stands before the form mends it there.
      if (form) await drop(head.id);
      else
        await keep({
          ...head,
          refused: { text: end.message, said: String(end.detail.said ?? '') },
        });
    } else {
      taken++;
      await drop(head.id);
    }
    form?.(end);
  }
}

const inTurn = <T>(jobId: string, work: () => Promise<T>) =>
  navigator.locks.request(`zygotome-outbox-${jobId}`, work) as Promise<T>;

/**
 * Facts are kept on this device first and sent in their turn; what the server did not answer waits. Decisions are not
 * kept: they need the server, and everything recorded before them.
 */
export async function post(w: Omit<Waiting, 'at'>, decision: boolean): Promise<Schemas['EntriesAnswer'] | 'waiting'> {
  const mine: Waiting = { ...w, at: inOrder() };
  if (decision)
    return inTurn(w.jobId, async () => {
      await drain(w.jobId, w.person);
      const [before] = await queue(w.jobId, w.person);
      if (before?.refused)
        throw new Refusal(
          0,
          'outbox/refused',
          `Not taken yet: ${before.refused.said || before.refused.text}; mend it or let it go first.`,
          '',
        );
      if (before) throw new Refusal(0, 'outbox/waiting', 'What was recorded before this still waits to be sent.', '');
      return send(mine);
    });
  const end = new Promise<End>((heard) => asking.set(w.id, heard));
  await keep(mine);
  // Another tab may have sent it in its own turn.
  inTurn(w.jobId, () => drain(w.jobId, w.person)).finally(() => asking.get(w.id)?.('waiting'));
  const ended = await end;
  asking.delete(w.id);
  if (ended instanceof Refusal) throw ended;
  return ended;
}

/** Sends what waits, each job by itself, in its own person's sign-in only. How many were taken. */
export async function flush(person: string) {
  const jobs = new Set((await all()).filter((w) => w.person === person).map((w) => w.jobId));
  const taken = await Promise.all([...jobs].map((jobId) => inTurn(jobId, () => drain(jobId, person))));
  return taken.reduce((a, b) => a + b, 0);
}

/** A refused one as it should have been, sent again in its place. */
export async function mend(w: Waiting, entries: Posted[], look: string) {
  const { refused, later, ...rest } = w;
  await keep({ ...rest, entries, look });
  return inTurn(w.jobId, () => drain(w.jobId, w.person));
}

/** A refused one is let go, and what waits behind it is sent. */
export async function letGo(w: Waiting) {
  await drop(w.id);
  return inTurn(w.jobId, () => drain(w.jobId, w.person));
}
