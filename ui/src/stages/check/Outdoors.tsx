import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Drawing } from '../../shared/Drawing';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import { Mat, Paper } from '../../shared/Paper';
import { WithReason } from '../../shared/WithReason';
import type { Props, View } from './entries';
import { Flight } from './Flight';

/**
 * What is done outdoors, gathered in the order of one trip: answered on the field card, which needs no network, or here
 * under the lamps; then the shop's own flight.
 */
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
        <TripList jobId={job.id} items={data.trip} released={job.released} />
        {data.range.map((r) => (
          <Range key={String(r.motor)} job={job} recorder={recorder} of={r} />
        ))}
        {data.taxi && <Taxi job={job} recorder={recorder} line={data.taxi} />}
        {data.flight && <Flight job={job} recorder={recorder} flight={data.flight} />}
      </Paper>
    </>
  );
}

type One = Pick<Props, 'job' | 'recorder'>;
type Line = Schemas['LedgerLine'];

function TripList({
  jobId,
  items,
  released,
}: {
  jobId: string;
  items: readonly Schemas['TripItemView'][];
  released: boolean;
}) {
  const done = items.filter((i) => !i.open).length;
  return (
    <section aria-label="Trip" className="border-b-2 border-ink pb-3">
      <div className="flex items-center gap-3">
        <h2 className="min-w-0 flex-1 text-[23px] leading-tight font-bold">
          One trip, {done} of {items.length} done
        </h2>
        {!released && (
          <Link
            to={`/field/${jobId}`}
            className="button dark inline-flex min-h-[48px] items-center px-4 text-[17px] font-bold"
          >
            Field card
          </Link>
        )}
      </div>
      <ol>
        {items.map((i, n) => (
          <li key={i.id} className="flex min-h-[44px] items-center gap-3 border-b border-steel py-1 text-[16px]">
            <span className="w-[22px] shrink-0 text-center font-bold">{n + 1}</span>
            <span className="min-w-0 flex-1 leading-tight">
              {i.title}
              <span className={`block text-[15px] ${i.wrong ? 'text-red' : 'text-pencil'}`}>
                {i.wrong ? `does not count: ${i.wrong}` : i.open ? i.walk : i.line.reading}
              </span>
            </span>
            <Jaws line={i.line} />
            <span className="w-[64px] text-[15px]">{verdictWords(i.line)}</span>
          </li>
        ))}
      </ol>
      <p className="pt-1 text-[14px] text-pencil">
        The card asks for no network once it was opened on the phone; what is answered there is sent when the server is
        back.
      </p>
    </section>
  );
}

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
    <section aria-label={of.line.text} className="border-b-2 border-ink py-3">
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
