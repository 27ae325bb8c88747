import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { Jaws, verdictWords } from './Jaws';
import { WithReason } from './WithReason';

type Line = Schemas['LedgerLine'];

/** What a yes or no is asked of: the question, what it is for, what is done where the answer is no. */
export interface Asked {
  readonly id: string;
  /** What it is about, for the list; its question where it is not said. */
  readonly brief?: string;
  readonly words: string;
  readonly why: string;
  readonly line: Line | null;
}

/** The question in hand, large; what yes says beside itself stands within; no says what is not so. */
export function AskInHand({
  ask,
  mend,
  closed,
  busy,
  onNo,
  children,
}: {
  ask: Asked;
  mend: string;
  /** Nothing is answered any more. */
  closed: boolean;
  busy: boolean;
  onNo: (note: string) => Promise<boolean>;
  children?: ReactNode;
}) {
  return (
    <section aria-label="Look">
      <h2 className="text-[25px] leading-tight font-bold">{ask.words}</h2>
      <p className="pt-1 text-[17px] text-pencil">{ask.why}</p>
      {ask.line?.standing === 'notMet' && (
        <p className="mt-2 border-2 border-red px-3 py-2 text-[17px]">
          <strong className="text-red">{ask.line.reading}</strong> {mend}
        </p>
      )}
      {ask.line?.standing === 'stale' && <p className="pt-1 text-[17px] text-red">{ask.line.why}</p>}
      {children}
      {!closed && (
        <WithReason
          key={ask.id}
          link="no, it is not so"
          label="What is not so"
          placeholder="what is not so"
          act="No"
          busy={busy}
          onSay={onNo}
        />
      )}
    </section>
  );
}

/** All that is asked, what is open before what is done. */
export function AskList({
  title,
  label = title,
  asks,
  chosen,
  onChoose,
}: {
  title: string;
  /** What the list is called where it is not its title. */
  label?: string;
  asks: readonly Asked[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}) {
  return (
    <section aria-label={label} data-region="list" className="py-3">
      <h3 className="border-b border-steel text-[18px] font-bold">{title}</h3>
      {[...asks.filter((a) => a.line?.open), ...asks.filter((a) => !a.line?.open)].map((a) => (
        <button
          type="button"
          key={a.id}
          onClick={() => onChoose(a.id)}
          aria-pressed={a.id === chosen}
          className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 py-1 text-left text-[16px]
            ${a.id === chosen ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
        >
          <span className="min-w-0 flex-1 leading-tight">{a.brief ?? a.words}</span>
          {a.line && <Jaws line={a.line} />}
          {a.line && <span className="w-[64px] text-[15px]">{verdictWords(a.line)}</span>}
        </button>
      ))}
    </section>
  );
}
