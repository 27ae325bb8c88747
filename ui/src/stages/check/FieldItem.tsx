import { type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Said } from '../../api/trip';
import { Before, standing } from './FieldBefore';
import type { Here } from './fieldHere';
import { Mark } from './FieldMarks';

type Item = Schemas['TripItemView'];

/** One thing to do, how it must stand before, and the two answers. */
export function FieldItem({
  item,
  here,
  after,
  job,
  head,
  said,
  notice,
  onSay,
  onAnswer,
  onList,
  next,
  onNext,
  bar,
}: {
  item: Item;
  here: Here | undefined;
  /** What comes before it and is not done. */
  after: Item | undefined;
  job: string;
  head: ReactNode;
  said: Said;
  notice: string;
  onSay: (change: Partial<Said>) => void;
  onAnswer: (right: boolean, metres: number | null, note: string) => Promise<boolean>;
  onList: () => void;
  next: Item | undefined;
  onNext: (id: string) => void;
  bar: ReactNode;
}) {
  const [metres, setMetres] = useState(item.metres === null ? '' : String(item.metres));
  const [answered, setAnswered] = useState<boolean>();
  // Done once more, whatever waits to be sent of it.
  const [again, setAgain] = useState(false);
  const [saidHere, setSaidHere] = useState<ReadonlySet<Schemas['FieldNeedView']['ask']>>(new Set());
  const walked = item.metres === null ? null : Number(metres.replace(',', '.'));
  const { open: ask, unsafe, noSecond } = standing(item.needs, said, saidHere);
  const far = walked === null || walked > 0;
  const answer = async (right: boolean) => {
    if (await onAnswer(right, walked, '')) setAnswered(right);
  };
  const right = answered ?? (again ? undefined : here?.right);
  const counts = here?.counts ?? !(unsafe || noSecond || item.notBefore);
  const well = right && counts;
  return (
    <>
      <header className="flex min-h-[66px] items-center border-b-[3px] border-black">
        <button
          type="button"
          className="min-h-[66px] border-r-[3px] border-black px-3 text-[24px] font-bold"
          onClick={onList}
        >
          <span aria-hidden>‹ </span>List
        </button>
        <div className="flex flex-1 justify-center">{head}</div>
      </header>
      <p className="px-4 pt-2 text-[16px]">{job}</p>
      <h1 className="px-4 text-[34px] leading-tight font-bold">{item.title}</h1>
      <p className="px-4 text-[32px] leading-tight">{item.walk}</p>
      <p className="px-4 pt-1 pb-2 text-[24px] leading-tight">{item.do}</p>
      {item.metres !== null && right === undefined && !ask && (
        <label className="flex items-center gap-3 px-4 pb-2 text-[24px]">
          walked
          <input
            className="w-[110px] border-[3px] border-black px-2 py-1 text-[28px] font-bold"
            inputMode="decimal"
            value={metres}
            onChange={(e) => setMetres(e.target.value)}
          />
          m
        </label>
      )}
      <div className="flex-1" />
      {notice && (
        <p role="alert" className="border-t-[3px] border-black px-4 py-2 text-[24px] font-bold">
          {notice}
        </p>
      )}
      {right !== undefined ? (
        <>
          {bar}
          <section aria-label="What follows" className="border-t-[3px] border-black px-4 py-3">
            <p className="flex items-center gap-3 text-[32px] font-bold">
              <Mark good={right} /> {right ? item.good : item.bad}
            </p>
            {!counts && (
              <p className="text-[24px] leading-tight font-bold">
                It does not count. {unsafe?.is?.do ?? item.notBefore}
              </p>
            )}
            <p className="text-[24px] leading-tight font-bold">{!right ? item.first : counts ? item.then : ''}</p>
            {here?.refused && <p className="text-[24px]">{here.refused}</p>}
          </section>
          <button
            type="button"
            className="min-h-[84px] border-t-[3px] border-black px-4 text-[28px] leading-tight font-bold"
            onClick={() => {
              if (well) return next ? onNext(next.id) : onList();
              setAnswered(undefined);
              setAgain(true);
            }}
          >
            {!well ? 'Done: try again' : next ? `Next: ${next.title.toLowerCase()}` : 'To the list'}
          </button>
        </>
      ) : after || item.notBefore ? (
        <section aria-label="Not yet" className="border-t-[3px] border-black px-4 py-3">
          {item.notBefore && <p className="text-[24px] leading-tight font-bold">{item.notBefore}</p>}
          {after && (
            <>
              <p className="text-[24px] font-bold">First {after.title.toLowerCase()}.</p>
              <button
                type="button"
                className="mt-2 min-h-[72px] w-full border-[3px] border-black text-[24px] font-bold"
                onClick={() => onNext(after.id)}
              >
                Go there
              </button>
            </>
          )}
        </section>
      ) : ask ? (
        <Before
          needs={item.needs}
          said={said}
          need={ask}
          onSay={(c) => {
            onSay(c);
            setSaidHere(new Set([...saidHere, ask.ask]));
          }}
        />
      ) : (
        <>
          {unsafe && (
            <section aria-label="First" className="border-t-[3px] border-black px-4 py-2">
              <p role="alert" className="text-[24px] leading-tight font-bold">
                {unsafe.is!.do}
              </p>
              <p className="text-[16px]">What is seen as it stands does not count.</p>
              <button
                type="button"
                className="mt-1 min-h-[64px] w-full border-[3px] border-black text-[24px] font-bold"
                onClick={() => setSaidHere(new Set([...saidHere].filter((a) => a !== unsafe.need.ask)))}
              >
                Done: say it anew
              </button>
            </section>
          )}
          {noSecond && (
            <label className="block border-t-[3px] border-black px-4 py-2 text-[20px]">
              who holds it
              <input
                className="block w-full border-[3px] border-black px-2 py-1 text-[24px]"
                value={said.second}
                onChange={(e) => onSay({ second: e.target.value })}
              />
            </label>
          )}
          {bar}
          <button
            type="button"
            className="min-h-[108px] border-t-[3px] border-black text-left"
            disabled={!far || noSecond}
            onClick={() => void answer(true)}
          >
            <Answer words={item.good} small={item.then} good />
          </button>
          <button
            type="button"
            className="min-h-[108px] border-t-[3px] border-black text-left"
            disabled={!far || noSecond}
            onClick={() => void answer(false)}
          >
            <Answer words={item.bad} small={item.first} good={false} />
          </button>
        </>
      )}
    </>
  );
}

function Answer({ words, small, good }: { words: string; small: string; good: boolean }) {
  return (
    <span className="flex items-center gap-3 px-4">
      <span className="min-w-0 flex-1 leading-tight">
        <strong className="block text-[44px] leading-none">{words}</strong>
        {small && <span className="block text-[16px]">{small}</span>}
      </span>
      <Mark good={good} size={56} />
    </span>
  );
}
