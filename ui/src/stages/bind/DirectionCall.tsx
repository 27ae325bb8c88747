import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { answersOf, type Movement, type Seen } from './ways';

type Call = Schemas['DirectionView'];

/** What moved at this call, surface by surface; whatever else moved with it is said too. */
export function DirectionCall({
  call,
  seen,
  advised,
  onTap,
}: {
  call: Call;
  seen: Seen;
  /** What to do about it stands above. */
  advised: boolean;
  onTap: (surface: string, moved: Movement | undefined) => void;
}) {
  const [more, setMore] = useState(false);
  const row = (id: string, name: string, of: readonly Movement[]) => (
    <div key={id} className="flex items-center gap-2 border-b border-steel py-1">
      <span className="min-w-0 flex-1 text-[17px]">{name}</span>
      <Choice
        label={name}
        value={seen[id]}
        of={of.map((m) => ({ value: m, words: WORDS.movement[m] }))}
        onChoose={(m) => onTap(id, m)}
        className="flex w-[280px] shrink-0 gap-1 phone:w-[220px]"
        button="button flex-1 px-1 text-[15px]"
      />
    </div>
  );
  return (
    <section aria-label="Direction" className="pt-2">
      <h2 className="text-[24px] leading-tight font-bold">{call.call}: what moved?</h2>
      <p className="text-[17px]">
        Must be: {call.expected.map((e) => `${e.name.toLowerCase()} ${e.words}`).join(', ')}.
      </p>
      {call.line.standing !== 'notShown' && (
        <div className="flex items-center gap-3 py-1 text-[17px]">
          <Jaws line={call.line} />
          <strong>{verdictWords(call.line)}</strong>
          <span className="min-w-0 flex-1 text-[15px]">
            {call.line.standing === 'stale' || (!advised && call.line.standing === 'notMet')
              ? call.line.why
              : call.line.reading}
          </span>
        </div>
      )}
      {call.expected.map((e) => row(e.surface, e.name, answersOf(e.movement)))}
      {call.besides.length > 0 && (
        <button
          type="button"
          className="mt-1 min-h-[44px] text-[16px] underline"
          aria-expanded={more}
          onClick={() => setMore(!more)}
        >
          something else moved too
        </button>
      )}
      {more && call.besides.map((e) => row(e.surface, e.name, answersOf(e.movement)))}
    </section>
  );
}

/** Every function that moves surfaces, with how it was answered. */
export function DirectionList({
  directions,
  current,
  onChoose,
}: {
  directions: readonly Call[];
  current: Call | undefined;
  onChoose: (fn: string) => void;
}) {
  if (directions.length === 0) return null;
  return (
    <section aria-label="Directions" data-region="list" className="py-4">
      <h3 className="border-b border-steel text-[18px] font-bold">Surfaces</h3>
      {directions.map((d) => (
        <button
          type="button"
          key={d.function}
          onClick={() => onChoose(d.function)}
          aria-pressed={d === current}
          className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 text-left text-[17px]
            ${d === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
        >
          <span className="min-w-0 flex-1">
            {d.line.text}
            <span className="block text-[14px] text-pencil">
              {d.line.standing === 'notShown'
                ? d.line.limits
                : d.line.standing === 'stale'
                  ? d.line.why
                  : d.line.reading}
            </span>
          </span>
          <Jaws line={d.line} />
          <span className={`w-[90px] ${d.line.standing === 'notMet' ? 'text-red' : ''}`}>{verdictWords(d.line)}</span>
        </button>
      ))}
    </section>
  );
}
