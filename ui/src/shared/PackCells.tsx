import { useState } from 'react';
import type { Schemas } from '../api/client';
import type { Recorder } from '../api/record';

const NTH = ['', 'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/** Volts of every cell of every pack, as it came: one that is low, swollen or unequal is not connected. */
export function PackCells({
  packs,
  recorder,
  closed,
}: {
  packs: readonly Schemas['PackHeldView'][];
  recorder: Recorder<'receive/pack-measured'>;
  closed: boolean;
}) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  if (packs.length === 0) return null;
  const volts = (name: string) =>
    (typed[name] ?? '')
      .split(/,?[\s;]+/)
      .filter(Boolean)
      .map((v) => Number(v.replace(',', '.')));
  return (
    <section aria-label="Cells of the packs">
      <h3 className="pt-3 text-[18px] font-bold">Cells of the packs</h3>
      {packs.map((p) => (
        <div key={p.name} className="border-b border-steel py-2">
          <p className="text-[16px]">
            <strong>
              <bdi>{p.name}</bdi>
            </strong>
            {p.flies > 0 && (packs.filter((x) => x.flies > 0).length > 1 ? `, connected ${NTH[p.flies]}` : ', flies')}:{' '}
            {p.cells || 'not measured yet'}
            {p.wrong && p.wrong !== p.cells && <span className="font-bold text-red">, {p.wrong}</span>}
          </p>
          {p.wrong && (
            <p className="text-[16px] text-red">
              It is not connected: charge and balance it, measure again; or another pack flies.
            </p>
          )}
          {!closed && (
            <div className="flex items-end gap-2 pt-1">
              <label className="min-w-0 flex-1 text-[14px] text-pencil">
                V of {p.battery.cells === 1 ? 'its cell' : `each of ${p.battery.cells} cells`}
                <input
                  className="field text-[18px] text-ink"
                  inputMode="decimal"
                  aria-label={`Volts of ${p.name}`}
                  value={typed[p.name] ?? ''}
                  onChange={(e) => setTyped({ ...typed, [p.name]: e.target.value })}
                />
              </label>
              <button
                type="button"
                className="button px-3"
                aria-label={`${p.name}: measured`}
                disabled={recorder.busy || volts(p.name).length === 0 || volts(p.name).some(Number.isNaN)}
                onClick={() =>
                  void recorder
                    .record('receive/pack-measured', { name: p.name, cells: volts(p.name), swollen: false })
                    .then((ok) => ok && setTyped({ ...typed, [p.name]: '' }))
                }
              >
                record
              </button>
              <button
                type="button"
                className="button px-3"
                aria-label={`${p.name}: swollen or damaged`}
                disabled={recorder.busy}
                onClick={() =>
                  void recorder.record('receive/pack-measured', { name: p.name, cells: [], swollen: true })
                }
              >
                swollen
              </button>
            </div>
          )}
        </div>
      ))}
    </section>
  );
}
