import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** What should be left of each bag: just that, or what differs and what it points to. */
export function Leftovers({ of, recorder }: { of: readonly Schemas['LeftoverView'][]; recorder: Recorder }) {
  if (of.length === 0) return null;
  return (
    <section aria-label="Leftovers" className="mt-4 border-t-2 border-ink pt-1">
      <h3 className="text-[18px] font-bold">Left over</h3>
      {of.map((bag) => (
        <Bag key={bag.bag} bag={bag} recorder={recorder} />
      ))}
    </section>
  );
}

function Bag({ bag, recorder }: { bag: Schemas['LeftoverView']; recorder: Recorder }) {
  const [counts, setCounts] = useState<Record<string, string>>();
  const left = bag.parts.filter((p) => p.left > 0);
  const said = Object.entries(counts ?? {}).flatMap(([part, n]) => (n.trim() ? [[part, Number(n)] as const] : []));
  return (
    <div role="group" aria-label={`Bag ${bag.bag}`} className="border-b border-steel py-2">
      <p className="text-[17px]">
        Bag {bag.bag}: {left.length === 0 ? 'nothing' : left.map((p) => `${p.left} × ${p.name}`).join(', ')}
      </p>
      {bag.why.map((w) => (
        <p key={w} className="text-[16px] font-bold text-red">
          {w}
        </p>
      ))}
      {counts && (
        <ul>
          {bag.parts.map((p) => (
            <li key={p.id}>
              <label className="flex min-h-[48px] items-center gap-3 text-[16px]">
                <span className="min-w-0 flex-1">{p.name}</span>
                <input
                  className="field w-[90px] text-right text-[22px] font-bold tabular-nums"
                  inputMode="numeric"
                  placeholder={String(p.left)}
                  value={counts[p.id] ?? ''}
                  onChange={(e) => setCounts({ ...counts, [p.id]: e.target.value.replace(/\D/g, '') })}
                />
              </label>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-1 flex gap-2">
        {counts ? (
          <button
            type="button"
            className="button dark flex-1"
            disabled={said.length === 0 || recorder.busy}
            onClick={() =>
              void recorder
                .record('build/left-over', { bag: bag.bag, counts: Object.fromEntries(said) })
                .then((done) => done && setCounts(undefined))
            }
          >
            So many are left
          </button>
        ) : (
          <button
            type="button"
            className="button dark flex-1"
            disabled={recorder.busy}
            onClick={() => void recorder.record('build/left-over', { bag: bag.bag })}
          >
            Just that
          </button>
        )}
        <button type="button" className="button flex-1" onClick={() => setCounts(counts ? undefined : {})}>
          {counts ? 'Back' : 'It differs'}
        </button>
      </div>
    </div>
  );
}
