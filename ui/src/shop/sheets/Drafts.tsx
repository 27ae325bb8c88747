import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, refusalOf, type Schemas } from '../../api/client';
import { refresh } from '../../api/queries';
import { dayAndClock } from '../../shared/time';

/** Sheets being typed, and for a day those that somebody took away. */
export function Drafts({ of }: { of: Schemas['DraftsView'] }) {
  const client = useQueryClient();
  const [said, setSaid] = useState('');
  const act = async (send: () => Promise<unknown>) => {
    setSaid('');
    try {
      await send();
    } catch (e) {
      setSaid(refusalOf(e).message);
    }
    await refresh(client, 'drafts');
  };
  const remove = (id: string) =>
    act(async () => answer(await api.DELETE('/api/drafts/{id}', { params: { path: { id } } })));
  const restore = (id: string) =>
    act(async () => answer(await api.POST('/api/drafts/{id}/restore', { params: { path: { id } } })));
  if (of.drafts.length + of.removed.length === 0) return null;
  return (
    <section aria-label="Being typed" className="border-b-2 border-ink bg-tape-wash px-5 py-3">
      <ul className="flex flex-wrap gap-3">
        {of.drafts.map((d) => (
          <li key={d.id} className="flex border border-tape-edge bg-tape text-on-tape">
            <Link to={`/drafts/${d.id}`} className="block min-h-[44px] px-4 py-1">
              <strong>{d.name}</strong>, being typed
              <span className="block text-[13px]">
                {d.by}, {dayAndClock(d.changedAt)}
              </span>
            </Link>
            {d.yours && (
              <button
                type="button"
                className="min-w-[44px] border-l border-tape-edge px-3 text-[14px] underline"
                aria-label={`take away the draft ${d.name}`}
                onClick={() => void remove(d.id)}
              >
                take away
              </button>
            )}
          </li>
        ))}
      </ul>
      {of.removed.map((d) => (
        <p key={d.id} className="flex items-center gap-3 text-[15px]">
          {d.name}: taken away by {d.removedBy}; kept until {dayAndClock(d.restorableUntil!)}.
          {d.yours && (
            <button type="button" className="min-h-[44px] underline" onClick={() => void restore(d.id)}>
              bring back {d.name}
            </button>
          )}
        </p>
      ))}
      {said && (
        <p role="alert" className="pt-2 text-red">
          {said}
        </p>
      )}
    </section>
  );
}
