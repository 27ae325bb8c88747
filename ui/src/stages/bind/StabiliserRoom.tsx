import { type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Act } from '../../shared/Act';
import { Choice } from '../../shared/Choice';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf } from '../../shared/Tabs';
import { CallMat } from './CallMat';
import { DirectionCall } from './DirectionCall';
import { Instead } from './Instead';
import { Said } from './Said';
import { useStopwatch } from '../../shared/stopwatch';
import { asItMust, listed, seenOf, useTaps } from './taps';
import type { Seen } from './ways';
import type { Props } from './entries';

type View = Schemas['StabiliserView'];
export type RoomProps = Props & { data: Schemas['BindView']; strip: ReactNode; next: ReactNode };

/** The stabiliser: awake by its sign, told of what is wired, every tilt answered, every mode by its sign. */
export function StabiliserRoom({ job, recorder, data, of, strip, next }: RoomProps & { of: View }) {
  const [chosen, setChosen] = useState<string>();
  const taps = useTaps();
  const [mode, setMode] = useState(of.correcting[0] ?? '');
  const awake = !of.awake.open;
  const call =
    of.calls.find((c) => c.call.function === chosen) ?? (awake ? of.calls.find((c) => c.call.line.open) : undefined);
  const { seen, begun, complete, tap } = taps.at(call?.call);
  const busy = recorder.busy || job.released;
  const look = async (moved: Seen) => {
    const body = { call: call!.call.function, mode: call!.mode || mode, seen: listed(moved) };
    const ok = await recorder.record('bind/stabiliser', body);
    if (ok) {
      taps.clear();
      setChosen(undefined);
    }
  };
  const turned = async () => {
    if (await recorder.record('bind/stabiliser-reversed', { axis: call!.reverse })) taps.clear();
  };
  const act = !call ? (
    next
  ) : call.reverse && !begun ? (
    <Act label="Reversed in the stabiliser, look again" onAct={() => void turned()} disabled={busy} />
  ) : Object.keys(seen).length > 0 ? (
    <Act
      label="Record what moved"
      hint={complete ? undefined : 'say it of every surface first'}
      onAct={() => void look(seen)}
      disabled={busy || !complete}
    />
  ) : (
    <Act label="As the picture shows" onAct={() => void look(asItMust(call.call))} disabled={busy} />
  );
  const place = call ? of.calls.indexOf(call) + 1 : 0;
  const shown = call ?? of.calls[0];
  return (
    <>
      <Mat title="Bind" aside="">
        {shown ? (
          <CallMat
            call={shown.call}
            atRest={data.atRest}
            seen={Object.keys(seen).length > 0 ? seen : call ? seenOf(call.call) : {}}
            onSeen={tap}
            count={call ? `answer ${place} of ${of.calls.length}` : 'once it is awake'}
          />
        ) : (
          <Drawing drawing={data.atRest} mode="plain" foot="it moves no surface" />
        )}
      </Mat>
      <Paper job={job} recorder={recorder} at="bind" act={act}>
        {strip}
        <div {...panelOf('stabiliser')}>
          {of.first.some((f) => f.line.open) && <First of={of} recorder={recorder} closed={job.released} />}
          {!call && <Awake of={of} recorder={recorder} closed={job.released} />}
          {call && (
            <>
              <DirectionCall call={call.call} seen={seen} advised={false} onTap={tap} />
              {call.note && <p className="text-[16px] text-pencil">{call.note}</p>}
              {!call.mode && of.correcting.length > 1 && (
                <Choice
                  label="In which mode"
                  titled
                  value={mode}
                  of={of.correcting.map((m) => ({ value: m, words: m }))}
                  onChoose={setMode}
                  className="flex gap-1 py-1"
                  button="button flex-1 px-1 text-[16px]"
                />
              )}
            </>
          )}
          <section aria-label="Answers" data-region="list" className="py-4">
            <h3 className="border-b border-steel text-[18px] font-bold">What it answers</h3>
            {of.calls.map((c) => (
              <button
                type="button"
                key={c.call.function}
                aria-pressed={c === call}
                onClick={() => setChosen(c.call.function)}
                className={`block w-full border-b border-steel px-2 text-left
                ${c === call ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
              >
                <span className="block pt-1 text-[17px]">{c.call.call}</span>
                <Said line={c.call.line} />
              </button>
            ))}
          </section>
          {call && <Awake of={of} recorder={recorder} closed={job.released} />}
          <Told of={of} recorder={recorder} closed={job.released} />
          <Modes of={of} recorder={recorder} closed={job.released} />
          <Gain of={of} recorder={recorder} closed={job.released} />
        </div>
      </Paper>
    </>
  );
}

type Part = { of: View; recorder: Props['recorder']; closed: boolean };

/** Directions shown without it first, its plugs straight in the receiver: faults are found one at a time. */
function First({ of, recorder, closed }: Part) {
  return (
    <section aria-label="Without it first" className="border-b-2 border-ink pb-3">
      <h2 className="text-[24px] leading-tight font-bold">Without it first</h2>
      <p className="text-[16px] text-pencil">
        By-passed as an open loop of Build, every plug straight in the receiver; then it goes in line, and directions
        are called again.
      </p>
      {of.first.map((f) => (
        <div key={f.function} className="border-b border-steel py-1">
          <p className="text-[17px]">
            <strong>{f.call}</strong>: {f.line.limits}
          </p>
          <Said line={f.line} />
          {!closed && f.line.open && (
            <button
              type="button"
              className="button dark min-h-[48px] w-full"
              aria-label={`${f.call}: so, by-passed`}
              disabled={recorder.busy}
              onClick={() =>
                void recorder.record('bind/direction', { function: f.function, seen: f.expected, bypassed: true })
              }
            >
              so it moves, by-passed
            </button>
          )}
        </div>
      ))}
    </section>
  );
}

/** Held still: the seconds run without a touch, a touch starts them anew; then its sign. */
function Awake({ of, recorder, closed }: Part) {
  const watch = useStopwatch();
  const still = (watch.seconds ?? 0) >= of.still && watch.seconds !== undefined;
  const say = async (sign: boolean, instead = '') => {
    const ok = await recorder.record('bind/aligned', { seconds: watch.seconds ?? 0, sign, instead });
    if (ok) watch.clear();
    return ok;
  };
  return (
    <section aria-label="Awake" className="border-b-2 border-ink pb-3">
      <h2 className="text-[24px] leading-tight font-bold">
        {watch.running
          ? still
            ? `Its sign seen? ${of.sign || 'It shows that it is awake'}`
            : 'Hands off, do not touch'
          : 'Held still until it is awake'}
      </h2>
      <Said line={of.awake} />
      {!closed && (
        <>
          <div className="flex items-center gap-3 py-2">
            <span className="w-[150px] shrink-0 text-[60px] leading-none font-bold tabular-nums">
              {Math.floor(watch.seconds ?? 0)}
              <span className="pl-1 text-[18px] font-normal">{of.still > 0 ? `of ${of.still} s` : 's'}</span>
            </span>
            <button
              type="button"
              className={`button min-h-[64px] flex-1 text-[19px] font-bold ${watch.running ? '' : 'dark'}`}
              onClick={watch.touch}
            >
              {watch.running ? 'it was touched: anew' : 'Pack is on: count'}
            </button>
          </div>
          {of.wake && <p className="text-[16px]">Then woken by: {of.wake}.</p>}
          {watch.running && (
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="button dark min-h-[56px] flex-1 text-[18px] font-bold"
                disabled={recorder.busy || !still}
                onClick={() => void say(true)}
              >
                {of.sign ? `Seen: ${of.sign}` : 'Its sign was seen'}
              </button>
              <Instead
                label="something else"
                asks="what it showed instead"
                act="Record"
                busy={recorder.busy}
                onSay={(words) => say(false, words)}
              />
            </div>
          )}
        </>
      )}
    </section>
  );
}

/** What it is told of the surfaces, beside what is wired. */
function Told({ of, recorder, closed }: Part) {
  const [counts, setCounts] = useState<Record<string, string>>(
    Object.fromEntries(of.counts.flatMap((c) => (c.told === null ? [] : [[c.command, String(c.told)]]))),
  );
  const all = of.counts.map((c) => ({ command: c.command, count: Number(counts[c.command] ?? Number.NaN) }));
  const complete = all.every((c) => Number.isInteger(c.count));
  return (
    <section aria-label="Told of" className="border-b-2 border-ink py-3">
      <h3 className="text-[18px] font-bold">What it is told of the surfaces</h3>
      <Said line={of.count} />
      {of.told && <p className="text-[15px] text-pencil">The sheet: {of.told}.</p>}
      {!closed && (
        <div className="flex items-end gap-2 pt-1">
          {of.counts.map((c) => (
            <label key={c.command} className="min-w-0 flex-1 text-[14px] text-pencil">
              {c.command}, wired {c.wired}
              <input
                className="field text-[20px] text-ink"
                inputMode="numeric"
                value={counts[c.command] ?? ''}
                onChange={(e) => setCounts({ ...counts, [c.command]: e.target.value })}
              />
            </label>
          ))}
          <button
            type="button"
            className="button dark min-h-[48px] px-3"
            disabled={recorder.busy || !complete}
            onClick={() => void recorder.record('bind/stabiliser-told', { told: all })}
          >
            It is told so
          </button>
        </div>
      )}
    </section>
  );
}

function Modes({ of, recorder, closed }: Part) {
  if (of.modes.length === 0) return null;
  return (
    <section aria-label="Modes" className="border-b-2 border-ink py-3">
      <h3 className="text-[18px] font-bold">Modes, each by its sign</h3>
      {of.modes.map((m) => (
        <div key={m.mode} className="border-b border-steel py-1">
          <p className="text-[17px]">
            <strong>{m.mode}</strong>: {m.sign}
          </p>
          <Said line={m.line} />
          {!closed && (
            <div className="flex flex-wrap gap-2 pb-1">
              <button
                type="button"
                className="button dark min-h-[48px] flex-1"
                aria-label={`${m.mode}: its sign was seen`}
                disabled={recorder.busy}
                onClick={() =>
                  void recorder.record('bind/stabiliser-mode', { mode: m.mode, asExpected: true, instead: '' })
                }
              >
                its sign was seen
              </button>
              <Instead
                label="something else"
                asks={`${m.mode}: what it showed instead`}
                act="Record"
                busy={recorder.busy}
                className="button min-h-[48px] flex-1"
                onSay={(instead) =>
                  recorder.record('bind/stabiliser-mode', { mode: m.mode, asExpected: false, instead })
                }
              />
            </div>
          )}
        </div>
      ))}
    </section>
  );
}

/** The gain turned up to see it react: open until the old value is read off again. */
function Gain({ of, recorder, closed }: Part) {
  const [was, setWas] = useState('');
  const [now, setNow] = useState('');
  const raised = of.raised[0];
  if (closed && !raised) return null;
  return (
    <section aria-label="Gain" className="py-3">
      <h3 className="text-[18px] font-bold">Gain turned up to see it answer</h3>
      {raised ? (
        <>
          <p className="border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
            <strong>Caution.</strong> {raised.words}. Gain left high shakes an aircraft apart: it holds up release until
            it is back.
          </p>
          <div className="flex items-end gap-2 pt-1">
            <label className="min-w-0 flex-1 text-[14px] text-pencil">
              gain it shows now, must be {raised.was}
              <input className="field text-[20px] text-ink" value={now} onChange={(e) => setNow(e.target.value)} />
            </label>
            <button
              type="button"
              className="button dark min-h-[48px] px-3"
              disabled={recorder.busy || !now.trim()}
              onClick={() =>
                void recorder
                  .record('build/loop-closed', { loop: raised.loop, value: now })
                  .then((ok) => ok && setNow(''))
              }
            >
              It is back
            </button>
          </div>
        </>
      ) : (
        <div className="flex items-end gap-2 pt-1">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            what it is before it is turned up
            <input
              className="field text-[20px] text-ink"
              placeholder="such as: 40 %"
              value={was}
              onChange={(e) => setWas(e.target.value)}
            />
          </label>
          <button
            type="button"
            className="button min-h-[48px] px-3"
            disabled={recorder.busy || !was.trim()}
            onClick={() =>
              void recorder
                .record('build/loop-opened', { kind: 'gainRaised', detail: was, function: '' })
                .then((ok) => ok && setWas(''))
            }
          >
            Turned up for now
          </button>
        </div>
      )}
    </section>
  );
}
