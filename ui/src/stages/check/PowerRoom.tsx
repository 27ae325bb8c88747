import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Drawing } from '../../shared/Drawing';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import { inSight } from '../../shared/inSight';
import { Mat, Paper } from '../../shared/Paper';
import { useStopwatch } from '../../shared/stopwatch';
import { Act } from '../../shared/Act';
import type { Props, View } from './entries';

const number = (text: string) => (text.trim() ? Number(text.replace(',', '.')) : Number.NaN);

/** Full power, held: amperes and volts read off at full stick, the run timed, judged by what carries it. */
export function PowerRoom({
  job,
  recorder,
  power,
  strip,
  next,
}: Props & { data: View; power: Schemas['FullPowerView']; strip: ReactNode; next: ReactNode }) {
  const open = useOpenAct(job, 'fullPowerRun');
  const act = job.lamps.acts.find((a) => a.act === 'fullPowerRun');
  const watch = useStopwatch();
  const [amps, setAmps] = useState('');
  const [each, setEach] = useState<Readonly<Record<string, string>>>({});
  const [volts, setVolts] = useState('');
  const [typed, setTyped] = useState('');
  // At full stick the meter's fields are what is wanted, wherever the paper was scrolled to.
  const head = useRef<HTMLHeadingElement>(null);
  const reached = open?.reached ?? false;
  useEffect(() => {
    if (reached) inSight(head.current, 'start');
  }, [reached]);
  const seconds = typed.trim() ? number(typed) : (watch.seconds ?? Number.NaN);
  // Of several motors each is read, and the server sums them.
  const motors = power.motors.map((motor) => ({ motor, amps: number(each[motor] ?? '') }));
  const read = [number(volts), seconds, ...(motors.length > 0 ? motors.map((m) => m.amps) : [number(amps)])];
  const complete = read.every((n) => n > 0) && !watch.running;
  const record = () =>
    void recorder.record('check/full-power', {
      amps: motors.length > 0 ? null : number(amps),
      volts: number(volts),
      seconds,
      each: motors.length > 0 ? motors : null,
    });
  return (
    <>
      <Mat title="Check" aside="full power">
        <Drawing
          drawing={job.drawing}
          mode="plain"
          highlight={new Set(job.drawing.parts.filter((p) => p.id.startsWith('motor-')).map((p) => p.id))}
        />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        at="check"
        act={
          open?.reached ? (
            <Act
              label="Record the run"
              hint={complete ? undefined : 'amperes, volts and seconds first'}
              onAct={record}
              disabled={!complete || recorder.busy}
            />
          ) : (
            next
          )
        }
      >
        {strip}
        <h2 ref={head} className="text-[25px] leading-tight font-bold">
          {open?.reached ? 'Full stick: read the meter' : 'Full-power run'}
        </h2>
        {open?.reached && (
          <div className="flex flex-col gap-2 pt-1 pb-2">
            <div className="flex items-center gap-2">
              <span className="w-[128px] shrink-0 text-[44px] leading-none font-bold tabular-nums">
                {(watch.seconds ?? 0).toFixed(0)}
                <span className="pl-1 text-[18px] font-normal">s</span>
              </span>
              <button
                type="button"
                className="button min-h-[56px] flex-1 text-[18px] font-bold"
                onClick={() => {
                  setTyped('');
                  if (watch.running) watch.stop();
                  else watch.touch();
                }}
              >
                {watch.running ? 'Stick low' : 'Full stick now'}
              </button>
            </div>
            {motors.length > 0 && (
              <div className="flex gap-2">
                {motors.map(({ motor }) => (
                  <Read
                    key={motor}
                    label={`${motor}, A`}
                    value={each[motor] ?? ''}
                    onType={(text) => setEach({ ...each, [motor]: text })}
                  />
                ))}
              </div>
            )}
            <div className="flex gap-2">
              {motors.length === 0 && <Read label="amperes, the most" value={amps} onType={setAmps} />}
              <Read label="volts, the least" value={volts} onType={setVolts} />
              <Read label="or seconds" value={typed} onType={setTyped} />
            </div>
          </div>
        )}
        <div className="flex items-center gap-3 pt-1 text-[18px]">
          <Jaws line={power.line} />
          <strong>{verdictWords(power.line)}</strong>
          <span className="min-w-0 flex-1 text-[16px]">
            {power.line.reading ? `${power.line.reading}. ` : ''}
            {power.line.why}
          </span>
        </div>
        <ul aria-label="Limits" className="pt-2 text-[19px]">
          {power.limits.map((l) => (
            <li key={l} className="border-b border-steel py-1">
              {l}
            </li>
          ))}
        </ul>
        {!open && !job.released && act && (
          <>
            <p className="mt-3 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
              <strong>Caution.</strong> Tied down or held by a second person, nobody in the disc or beside it, nothing
              loose behind. It pulls harder than it looks. {act.do}
            </p>
            <Begin act={act} label="Begin: full-power run" recorder={recorder} large />
          </>
        )}
      </Paper>
    </>
  );
}

function Read({ label, value, onType }: { label: string; value: string; onType: (text: string) => void }) {
  return (
    <label className="min-w-0 flex-1 text-[14px] text-pencil">
      {label}
      <input
        className="field text-[30px] font-bold text-ink"
        inputMode="decimal"
        aria-label={label}
        value={value}
        onChange={(e) => onType(e.target.value)}
      />
    </label>
  );
}
