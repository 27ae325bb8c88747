import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import type { Recorder } from './entries';
import { day } from '../../shared/time';

/** What must be bought, why, for which step, and where it has got to. */
export function ToBuyList({
  job,
  lines,
  recorder,
}: {
  job: Schemas['JobView'];
  lines: readonly Schemas['ToBuyLine'][];
  recorder: Recorder;
}) {
  const [due, setDue] = useState('');
  const [open, setOpen] = useState<string>();
  const say = (item: string, state: Schemas['BuyState']) =>
    void recorder
      .record('receive/to-buy', { item, state, due: state === 'ordered' && due ? due : null, note: '' })
      .then((ok) => ok && setOpen(undefined));
  if (lines.length === 0) return <p className="text-[17px]">Nothing: the shop has all that the sheet asks for.</p>;
  return (
    <ul>
      {lines.map((l) => (
        <li key={l.id} className="border-b border-steel py-2">
          <div className="flex items-baseline justify-between gap-3">
            <strong
              className={`text-[17px] leading-tight ${l.state === 'here' || l.state === 'notNeeded' ? 'text-pencil line-through' : ''}`}
            >
              {l.what}
            </strong>
            <span className="text-[15px] whitespace-nowrap">
              {WORDS.buyState[l.state]}
              {l.due && `, due ${day(l.due)}`}
            </span>
          </div>
          <p className="text-[15px] text-pencil">
            {l.why} For {l.for}; known since {day(l.since)}.
          </p>
          {!job.released && l.state !== 'here' && (
            <button
              type="button"
              className="min-h-[44px] text-[15px] underline"
              aria-expanded={open === l.id}
              onClick={() => setOpen(open === l.id ? undefined : l.id)}
            >
              say where it has got to
            </button>
          )}
          {open === l.id && (
            <div className="flex flex-wrap items-end gap-2 pb-1">
              <label className="text-[14px] text-pencil">
                due
                <input
                  type="date"
                  className="field w-[150px] text-ink"
                  value={due}
                  onChange={(e) => setDue(e.target.value)}
                />
              </label>
              <button type="button" className="button px-3" onClick={() => say(l.id, 'ordered')}>
                ordered
              </button>
              <button type="button" className="button px-3" onClick={() => say(l.id, 'here')}>
                here
              </button>
              <button type="button" className="button px-3" onClick={() => say(l.id, 'notNeeded')}>
                not needed
              </button>
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}
