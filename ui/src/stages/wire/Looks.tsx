import { WORDS } from '../../api/contract';
import { AskInHand, AskList } from '../../shared/Asked';
import { Choice } from '../../shared/Choice';
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
        <AskInHand
          ask={current}
          mend={current.mend}
          closed={job.released}
          busy={recorder.busy}
          onNo={(note) => recorder.record('wire/answered', { ask: current.id, right: false, note })}
        >
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
        </AskInHand>
      )}
      <AskList
        title="Held, clear, one source of power"
        label="Held and clear"
        asks={data.asks}
        chosen={current?.id}
        onChoose={onChoose}
      />
    </>
  );
}
