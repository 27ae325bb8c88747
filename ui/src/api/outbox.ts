import { type DBSchema, openDB } from 'idb';
import { api, answer, Refusal, type Schemas } from './client';

type Posted = Schemas['PostedEntry'];
/** Something to record, waiting for the server's acknowledgement. */
export type Waiting = { id: string; at: number; jobId: string; person: string; look: string; entries: Posted[] };

interface Shelf extends DBSchema {
  waiting: { key: string; value: Waiting };
}

const shelf = openDB<Shelf>('zygotome-outbox', 1, {
  upgrade: (db) => void db.createObjectStore('waiting', { keyPath: 'id' }),
});
const listeners = new Set<(count: number) => void>();

async function tell() {
  const count = await (await shelf).count('waiting');
  for (const listener of listeners) listener(count);
}

export function onWaiting(listener: (count: number) => void) {
  listeners.add(listener);
  void tell();
  return () => void listeners.delete(listener);
}

async function send(w: Waiting) {
  const params = { path: { id: w.jobId } };
  const [first] = w.entries;
  const asked = first && {
    entryId: first.entryId,
    observedAt: first.observedAt,
    expectedSeq: first.expectedSeq ?? 0,
    look: w.look,
  };
  // What the server writes itself is asked for at a door of its own.
  if (asked && first.type === 'handover/released') {
    return answer(await api.POST('/api/jobs/{id}/release', { params, body: asked }));
  }
  if (asked && first.type === 'unpack/claim-sent') {
    const claim = first.body as Pick<Schemas['ClaimPost'], 'findings' | 'parts' | 'wish'>;
    return answer(await api.POST('/api/jobs/{id}/claims', { params, body: { ...asked, ...claim } }));
  }
  return answer(
    await api.POST('/api/jobs/{id}/entries', {
      params,
      body: { entries: w.entries, look: w.look, sentAt: new Date().toISOString() },
    }),
  );
}

/** True when the server never got to answer: the entry may be sent again, under the same id. */
const unanswered = (e: unknown) => !(e instanceof Refusal) || e.status >= 500;

/**
 * Kept on this device first, then sent; what is not acknowledged stays and is sent again. Decisions are not kept: they
 * need the server.
 */
export async function post(w: Waiting, decision: boolean): Promise<Schemas['EntriesAnswer'] | 'waiting'> {
  if (decision) return send(w);
  await (await shelf).put('waiting', w);
  await tell();
  try {
    const done = await send(w);
    await (await shelf).delete('waiting', w.id);
    return done;
  } catch (e) {
    // A sign-in that ran out keeps the entry as a lost network does: it is sent once its person is back.
    if (unanswered(e) || (e as Refusal).status === 401) return 'waiting';
    await (await shelf).delete('waiting', w.id);
    throw e;
  } finally {
    await tell();
  }
}

let flushing = false;

/**
 * Sends what waits, oldest first, in its own person's sign-in only. A refused one is handed to the caller and holds
 * back the rest. Answers how many were sent.
 */
export async function flush(person: string, refused: (w: Waiting, r: Refusal) => void) {
  if (flushing) return 0;
  flushing = true;
  let sent = 0;
  try {
    const waiting = (await (await shelf).getAll('waiting'))
      .filter((w) => w.person === person)
      .sort((a, b) => a.at - b.at);
    for (const w of waiting) {
      try {
        await send(w);
      } catch (e) {
        if (unanswered(e) || (e as Refusal).status === 401) return sent;
        await (await shelf).delete('waiting', w.id);
        refused(w, e as Refusal);
        return sent;
      }
      await (await shelf).delete('waiting', w.id);
      sent++;
    }
    return sent;
  } finally {
    flushing = false;
    await tell();
  }
}
