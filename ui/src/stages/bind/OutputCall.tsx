import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import { Timed } from '../../shared/Timed';
import type { Props } from './entries';

export type Output = Schemas['OutputView'];
export type OutputAnswer = Schemas['Entry.OutputSeen']['answer'];

/**
 * One call of what is no surface, or of a switch position as a whole. "As expected" is the main act below; here stand
 * the other two answers.
 */
export function OutputCall({
  job,
  call,
  recorder,
  onAnswer,
  onTimed,
}: {
  job: Props['job'];
  call: Output;
  recorder: Props['recorder'];
  onAnswer: (answer: OutputAnswer, seen: string) => Promise<boolean>;
  onTimed: (seconds: number | undefined) => void;
}) {
  const [seen, setSeen] = useState<string>();
  const open = useOpenAct(job, 'motorDirection');
  const act = job.lamps.acts.find((a) => a.act === 'motorDirection');
  return (
    <section aria-label="Call">
      <p className="text-[16px] text-pencil">{call.name}</p>
      <h2 className="text-[24px] leading-tight font-bold">{call.call}</h2>
      <p className="pt-1 text-[22px] leading-snug">{call.expected}</p>
      {call.note && <p className="text-[17px] text-pencil">{call.note}</p>}
      {call.takes && !job.released && <Timed takes={call.takes} onSeconds={onTimed} />}
      {call.turnsMotors && !job.released && act && !open && (
        <>
          <p className="pt-2 text-[16px]">
            Propellers off, the model held. The motors turn for it: begin with the throttle cut.
          </p>
          <Begin act={act} label="Begin: tape on the bare shafts" recorder={recorder} />
        </>
      )}
      {call.turnsMotors && open && !open.reached && (
        <p className="pt-2 text-[16px]">Say above that the throttle is live; then a touch of it, and the stick.</p>
      )}
      {call.line.standing !== 'notShown' && (
        <div className="flex items-center gap-3 pt-2 text-[18px]">
          <Jaws line={call.line} />
          <strong>{verdictWords(call.line)}</strong>
          <span className="min-w-0 flex-1 text-[16px]">{call.line.why}</span>
        </div>
      )}
      {!job.released && (!call.turnsMotors || open?.reached) && (
        <div className="mt-3 flex gap-2">
          {!call.position && (
            <button
              type="button"
              className="button min-h-[52px] flex-1"
              disabled={recorder.busy}
              onClick={() => void onAnswer('theOtherWay', '')}
            >
              the other way
            </button>
          )}
          <button
            type="button"
            className="button min-h-[52px] flex-1"
            disabled={recorder.busy}
            onClick={() => void onAnswer('didNothing', '')}
          >
            it did nothing
          </button>
          <button
            type="button"
            className="button min-h-[52px] flex-1"
            aria-expanded={seen !== undefined}
            onClick={() => setSeen(seen === undefined ? '' : undefined)}
          >
            something else
          </button>
        </div>
      )}
      {seen !== undefined && (
        <form
          className="mt-2 flex flex-col gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void onAnswer('otherwise', seen).then((ok) => ok && setSeen(undefined));
          }}
        >
          <label className="text-[14px] text-pencil">
            what moved, and which way
            <input className="field text-[18px] text-ink" value={seen} onChange={(e) => setSeen(e.target.value)} />
          </label>
          <button type="submit" className="button dark min-h-[52px] font-bold" disabled={recorder.busy || !seen.trim()}>
            Record what moved
          </button>
        </form>
      )}
    </section>
  );
}

/** Every call of the sheet's outputs and positions, what is open first. */
export function OutputList({
  outputs,
  current,
  onChoose,
}: {
  outputs: readonly Output[];
  current: Output | undefined;
  onChoose: (key: string) => void;
}) {
  if (outputs.length === 0) return null;
  return (
    <section aria-label="Outputs and positions" className="pb-4">
      <h3 className="border-b border-steel text-[18px] font-bold">What else moves or switches</h3>
      {[...outputs.filter((o) => o.line.open), ...outputs.filter((o) => !o.line.open)].map((o) => (
        <button
          type="button"
          key={o.key}
          onClick={() => onChoose(o.key)}
          aria-pressed={o.key === current?.key}
          className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 text-left text-[17px]
            ${o.key === current?.key ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
        >
          <span className="min-w-0 flex-1">
            {o.call}
            <span className="block text-[14px] text-pencil">
              {o.line.standing === 'stale' ? o.line.why : o.line.standing === 'notMet' ? o.line.reading : o.expected}
            </span>
          </span>
          <Jaws line={o.line} />
          <span className={`w-[90px] ${o.line.standing === 'notMet' ? 'text-red' : ''}`}>{verdictWords(o.line)}</span>
        </button>
      ))}
    </section>
  );
}
