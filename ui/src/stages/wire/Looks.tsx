import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { WithReason } from '../../shared/WithReason';
import type { Answer, Props, View } from './entries';

/** What holds it, what is clear of what, whose power it takes: one after the other, yes by the main act. */
export function Looks({
  job,
  data,
  current,
  onChoose,
  answer,
  onAnswer,
  recorder,
}: {
  job: Props['job'];
  data: View;
  current: View['asks'][number] | undefined;
  onChoose: (ask: string) => void;
  /** What yes says beside itself: what holds it, how long it is. */
  answer: Answer;
  onAnswer: (answer: Answer) => void;
  recorder: Props['recorder'];
}) {
  return (
    <>
      {current && (
        <section aria-label="Look">
          <h2 className="text-[25px] leading-tight font-bold">{current.words}</h2>
          <p className="pt-1 text-[17px] text-pencil">{current.why}</p>
          {current.line?.standing === 'notMet' && (
            <p className="mt-2 border-2 border-red px-3 py-2 text-[17px]">
              <strong className="text-red">{current.line.reading}</strong> {current.mend}
            </p>
          )}
          {!job.released && current.ways.length > 0 && (
            <Choice
              label="Held by"
              titled
              value={answer.by}
              of={[...current.ways, 'pressFit' as const].map((value) => ({ value, words: WORDS.heldBy[value] }))}
              onChoose={(by) => onAnswer({ by })}
              className="flex flex-wrap gap-2 pt-2"
              button="button min-w-[84px] px-3 text-[17px]"
            />
          )}
          {!job.released && current.measured && (
            <label className="block pt-2 text-[14px] text-pencil">
              measured, mm
              <input
                className="field text-[30px] text-ink"
                inputMode="decimal"
                value={answer.measured ?? ''}
                onChange={(e) => onAnswer({ measured: e.target.value })}
              />
            </label>
          )}
          {!job.released && (
            <WithReason
              key={current.id}
              link="no, it is not so"
              label="What is not so"
              placeholder="what is not so"
              act="No"
              busy={recorder.busy}
              onSay={(note) => recorder.record('wire/answered', { ask: current.id, right: false, note })}
            />
          )}
        </section>
      )}
      <section aria-label="Held and clear" data-region="list" className="py-4">
        <h3 className="border-b border-steel text-[18px] font-bold">Held, clear, one source of power</h3>
        {[...data.asks.filter((a) => a.line?.open), ...data.asks.filter((a) => !a.line?.open)].map((a) => (
          <button
            type="button"
            key={a.id}
            onClick={() => onChoose(a.id)}
            aria-pressed={a.id === current?.id}
            className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 text-left text-[16px]
              ${a.id === current?.id ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
          >
            <span className="min-w-0 flex-1">{a.words}</span>
            {a.line && <Jaws line={a.line} />}
            {a.line && <span className="w-[64px] text-[15px]">{verdictWords(a.line)}</span>}
          </button>
        ))}
      </section>
    </>
  );
}
