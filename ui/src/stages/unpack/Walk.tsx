import { type KeyboardEvent, useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { inSight } from '../../shared/inSight';

type Point = Schemas['WalkPointView'];
export type Answer = NonNullable<Point['answer']>;
/**
 * Where the hands are on the walk; `moveOn` once this place was answered just now, so that its answer leads to the next
 * place.
 */
export type Standing = { point: string; moveOn: boolean };
type Props = {
  job: Schemas['JobView'];
  walk: readonly Point[];
  now: Point;
  onPoint: (id: string) => void;
  onAnswer: (p: Point, answer: Answer) => void;
  onFinding: (p: Point) => void;
};

/** The walk round this aircraft, in the order hands go: what to feel and listen for, and one answer for each place. */
export function Walk({ job, walk, now, onPoint, onAnswer, onFinding }: Props) {
  const list = useRef<HTMLUListElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another point is in hand
  useEffect(() => inSight(list.current?.querySelector('[aria-current=true]')), [now.id]);
  const index = walk.indexOf(now);
  const left = walk.filter((p) => !p.answer).length;
  const keys = (e: KeyboardEvent) => {
    if (e.key === 'ArrowDown') onPoint(walk[Math.min(index + 1, walk.length - 1)]!.id);
    else if (e.key === 'ArrowUp') onPoint(walk[Math.max(index - 1, 0)]!.id);
    else return;
    e.preventDefault();
  };
  return (
    <section aria-label="Walk" onKeyDown={keys}>
      <p className="text-[15px] text-pencil">
        {index + 1} of {walk.length}, {left === 0 ? 'every place answered' : `${left} to go`};{' '}
        {WORDS.placeKind[now.kind]}
      </p>
      <h2 className="text-[26px] leading-tight font-bold" aria-live="polite">
        {now.title}
      </h2>
      <p className="min-h-[76px] py-2 text-[22px] leading-snug">{now.feel}</p>
      {now.answer && (
        <p className="pb-2 text-[16px]">
          <strong>{now.findingTag || WORDS.walkAnswer[now.answer]}</strong>, {now.by}
        </p>
      )}
      {!job.released && (
        <div className="grid grid-cols-2 gap-2">
          <button type="button" className="button h-[64px] text-[18px]" onClick={() => onFinding(now)}>
            something is wrong
          </button>
          {now.mayBeLeftOff && (
            <button type="button" className="button h-[64px] text-[18px]" onClick={() => onAnswer(now, 'notFitted')}>
              not fitted here
            </button>
          )}
        </div>
      )}
      <ul ref={list} data-region="list" aria-label="Places of the walk" className="pt-3">
        {walk.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              aria-current={p.id === now.id}
              className={`flex min-h-[44px] w-full items-center justify-between gap-3 border-b border-steel px-2
                text-left text-[16px] ${p.id === now.id ? 'bg-tape-wash font-bold' : ''}`}
              onClick={() => onPoint(p.id)}
            >
              <span className="min-w-0 truncate">{p.title}</span>
              <span
                className={`text-[15px] whitespace-nowrap ${p.answer === 'finding' ? 'text-red' : 'font-normal text-pencil'}`}
              >
                {p.answer ? p.findingTag || WORDS.walkAnswer[p.answer] : 'not yet'}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The place in hand: the one chosen, or, once that is answered, the next that is not. */
export function standing(walk: readonly Point[], { point, moveOn }: Standing) {
  const here = walk.find((p) => p.id === point) ?? walk.find((p) => !p.answer) ?? walk[0];
  return here?.answer && moveOn ? walk.find((p) => p.id === next(walk, here.id)) : here;
}

/** The next place nobody answered, after this one; round to the first. */
export function next(walk: readonly Point[], id: string) {
  const from = walk.findIndex((p) => p.id === id);
  return ([...walk.slice(from + 1), ...walk.slice(0, from)].find((p) => !p.answer) ?? walk[from]!).id;
}
