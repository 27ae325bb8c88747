import { Choice } from '../../shared/Choice';
import { useState } from 'react';
import { BatteryFields, NO_BATTERY } from './BatteryFields';
import type { CounterProps } from './counter';
import { Later } from './Later';

const MOST = 8;
const SCHOOLS = [
  ['forwardThird', 'forward third'],
  ['middle', 'middle'],
] as const;

/** The battery packs the owner brings, measured, and where the shop aims the balance. */
export function CounterPacks({ form: { packs, packLater, school, sheet }, put }: CounterProps) {
  const [at, setAt] = useState(0);
  const pack = packs[at] ?? packs[0]!;
  const change = (to: Partial<typeof pack>) => put({ packs: packs.map((p) => (p === pack ? { ...p, ...to } : p)) });
  const later = (
    <Later on={packLater} onLater={(on) => put({ packLater: on })} words="the pack is still to be chosen" />
  );
  if (packLater)
    return (
      <>
        {later}
        <p className="text-[16px]">Its line stays open, nothing is judged by it, and it is on the to-buy list.</p>
      </>
    );
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {packs.map((p, i) => (
          <button
            type="button"
            key={i}
            className="button px-3 text-[15px]"
            aria-pressed={i === at}
            onClick={() => setAt(i)}
          >
            {p.name || `pack ${i + 1}`}
          </button>
        ))}
        {packs.length < MOST && (
          <button
            type="button"
            className="button px-3 text-[15px]"
            onClick={() => {
              put({ packs: [...packs, { name: `pack ${packs.length + 1}`, battery: NO_BATTERY }] });
              setAt(packs.length);
            }}
          >
            another pack
          </button>
        )}
      </div>
      <label className="text-[14px] text-pencil">
        this pack is called
        <input
          className="field text-[17px] text-ink"
          value={pack.name}
          onChange={(e) => change({ name: e.target.value })}
        />
      </label>
      {sheet?.packsTogether && (
        <p className="border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">{sheet.packsTogether}</p>
      )}
      <BatteryFields value={pack.battery} onChange={(battery) => change({ battery })} />
      {at === 0 && packs.length > 1 && (
        <p className="text-[15px] text-pencil">The first pack flies until another is chosen.</p>
      )}
      {at > 0 && (
        <button
          type="button"
          className="button self-start px-3 text-[15px]"
          onClick={() => {
            put({ packs: packs.filter((p) => p !== pack) });
            setAt(0);
          }}
        >
          take this pack out again
        </button>
      )}
      <Choice
        label="balance for the first flight"
        titled
        value={school}
        of={SCHOOLS.map(([value, words]) => ({ value, words }))}
        onChoose={(chosen) => put({ school: chosen })}
      />
      {later}
    </>
  );
}
