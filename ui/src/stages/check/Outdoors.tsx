import { type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Drawing } from '../../shared/Drawing';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import { Mat, Paper } from '../../shared/Paper';
import { WithReason } from '../../shared/WithReason';
import type { Props, View } from './entries';

/** What is done outdoors, in the order of one trip: range with the motor off, then running; taxi. */
export function Outdoors({
  job,
  recorder,
  data,
  strip,
  next,
}: Props & { data: View; strip: ReactNode; next: ReactNode }) {
  return (
    <>
      <Mat title="Check" aside="outdoors">
        <Drawing drawing={job.drawing} mode="plain" />
      </Mat>
      <Paper job={job} recorder={recorder} at="check" act={next}>
        {strip}
        {data.range.map((r) => (
          <Range key={String(r.motor)} job={job} recorder={recorder} of={r} />
        ))}
        {data.taxi && <Taxi job={job} recorder={recorder} line={data.taxi} />}
      </Paper>
    </>
  );
}

type One = Pick<Props, 'job' | 'recorder'>;
type Line = Schemas['LedgerLine'];

function Head({ line }: { line: Line }) {
  return (
    <>
      <h2 className="text-[23px] leading-tight font-bold">{line.text}</h2>
      <p className="text-[17px]">{line.limits}</p>
      <div className="flex items-center gap-3 pt-1 text-[17px]">
        <Jaws line={line} />
        <strong>{verdictWords(line)}</strong>
        <span className={`min-w-0 flex-1 text-[16px] ${line.standing === 'notMet' ? 'text-red' : ''}`}>
          {line.reading ? `${line.reading}. ` : ''}
          {line.why}
        </span>
      </div>
    </>
  );
}

function Range({ job, recorder, of }: One & { of: Schemas['RangeView'] }) {
  const [metres, setMetres] = useState(String(of.metres));
  const open = useOpenAct(job, 'rangeWithMotor');
  const act = job.lamps.acts.find((a) => a.act === 'rangeWithMotor');
  const walked = Number(metres.replace(',', '.'));
  const may = !of.motor || !!open?.reached;
  const say = (holds: boolean, note = '') =>
    recorder.record('check/range', { metres: walked, motor: of.motor, holds, note });
  return (
    <section aria-label={of.line.text} className="border-b-2 border-ink pb-3 not-first:pt-3">
      <Head line={of.line} />
      {!job.released && of.motor && !open && act && (
        <Begin act={act} label="Begin: range with the motor" recorder={recorder} />
      )}
      {!job.released && may && (
        <>
          <p className="pt-2 text-[17px]">
            Power reduced, everything aboard on. Walk, stir both sticks: every surface must follow at once.
          </p>
          <div className="flex items-end gap-2 pt-2">
            <label className="w-[96px] shrink-0 text-[14px] text-pencil">
              walked, m
              <input
                className="field text-[24px] font-bold text-ink"
                inputMode="decimal"
                aria-label={`${of.line.text}: walked`}
                value={metres}
                onChange={(e) => setMetres(e.target.value)}
              />
            </label>
            <button
              type="button"
              className="button dark min-h-[60px] flex-1 text-[20px] font-bold"
              aria-label={`${of.line.text}: holds`}
              disabled={recorder.busy || !(walked > 0)}
              onClick={() => void say(true)}
            >
              Holds
            </button>
            <button
              type="button"
              className="button min-h-[60px] flex-1 text-[20px] font-bold"
              aria-label={`${of.line.text}: glitches`}
              disabled={recorder.busy || !(walked > 0)}
              onClick={() => void say(false)}
            >
              Glitches
            </button>
          </div>
        </>
      )}
    </section>
  );
}

function Taxi({ job, recorder, line }: One & { line: Line }) {
  const open = useOpenAct(job, 'taxi');
  const act = job.lamps.acts.find((a) => a.act === 'taxi');
  return (
    <section aria-label={line.text} className="pt-3">
      <Head line={line} />
      {!job.released && !open && act && (
        <>
          <p className="pt-2 text-[16px]">{act.do}</p>
          <Begin act={act} label="Begin: taxi" recorder={recorder} />
        </>
      )}
      {open?.reached && !job.released && (
        <>
          <button
            type="button"
            className="button dark mt-2 min-h-[60px] w-full text-[20px] font-bold"
            disabled={recorder.busy}
            onClick={() => void recorder.record('check/taxied', { right: true, seen: '' })}
          >
            Straight, steers, stops
          </button>
          <WithReason
            link="it did something else"
            label="What it did"
            placeholder="what it did"
            act="Record"
            busy={recorder.busy}
            onSay={(seen) => recorder.record('check/taxied', { right: false, seen })}
          />
        </>
      )}
    </section>
  );
}
