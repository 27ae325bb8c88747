import { Choice } from '../../shared/Choice';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Mat, Paper } from '../../shared/Paper';
import { SettingsList } from '../../shared/SettingsList';
import type { Props } from './entries';
import { Acts, useOpenAct } from '../../shared/look/Acts';
import { Called } from './Called';
import { Failsafe } from './Failsafe';
import { Motors } from './Motors';
import { type OutputAnswer, OutputCall, OutputList } from './OutputCall';
import { SetInRadio } from './SetInRadio';

type Call = Schemas['DirectionView'];
type Movement = Schemas['Movement'];

const ANSWERS: Movement[] = ['up', 'down', 'left', 'right', 'none'];

/** Bind, failsafe, and the direction of every function answered from the picture that must be seen. */
export function Bind({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'bind');
  const [chosen, setChosen] = useState<string>();
  const [otherwise, setOtherwise] = useState<Record<string, Movement>>();
  const motorsOpen = useOpenAct(job, 'motorDirection');
  if (!data)
    return (
      <Mat title="Bind" aside="opening…">
        {null}
      </Mat>
    );

  const bound = !data.bound.open;
  const output = data.outputs.find((o) => o.key === chosen);
  const current: Call | undefined = output
    ? undefined
    : (data.directions.find((d) => d.function === chosen) ?? data.directions.find((d) => d.line.open));
  const ready = bound && !data.failsafe.open;
  const called = ready && !current ? (output ?? data.outputs.find((o) => o.line.open)) : undefined;
  const turning = !called?.turnsMotors || !!motorsOpen?.reached;
  const say = async (answer: OutputAnswer, seen: string) => {
    if (!called) return false;
    const ok = await recorder.record('bind/output', { of: called.of, at: called.at, answer, seen });
    if (ok) setChosen(undefined);
    return ok;
  };
  const answer = async (seen: Record<string, Movement>) => {
    if (!current) return;
    if (
      await recorder.record('bind/direction', {
        function: current.function,
        seen: current.expected.map((e) => ({ surface: e.surface, moved: seen[e.surface] ?? 'none' })),
      })
    ) {
      setOtherwise(undefined);
      setChosen(undefined);
    }
  };
  const asShown = () => void answer(Object.fromEntries(current!.expected.map((e) => [e.surface, e.movement])));
  const picture = ready && current ? current.picture : called && (called.picture ?? data.below);
  const parts = ready && current ? current.expected.map((e) => e.surface) : (called?.parts ?? []);

  return (
    <>
      <Mat title="Bind" aside={picture ? 'the picture you must see' : 'standing behind it'}>
        <Drawing
          drawing={picture ?? data.atRest}
          mode="plain"
          highlight={new Set(parts)}
          foot={called ? called.foot : 'from behind, you stand at the tail'}
          pad={{ top: 120, bottom: 120 }}
        />
        {called?.closer && data.below && <Closer drawing={data.below} call={called} />}
        {ready && current && (
          <ul className="absolute right-4 bottom-12 left-4 border-2 border-ink bg-paper px-4 py-2 text-[20px] text-ink">
            {current.expected.map((e) => (
              <li key={e.surface} className="flex">
                <span className="flex-1">{e.name}</span>
                <strong>{e.words}</strong>
              </li>
            ))}
          </ul>
        )}
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        onBind
        act={
          ready && current ? (
            <Act label="As the picture shows" onAct={asShown} disabled={recorder.busy || job.released} />
          ) : called ? (
            <Act
              label="As expected"
              hint={turning ? undefined : 'begin with the throttle cut, then say it is live'}
              onAct={() => void say('asExpected', '')}
              disabled={recorder.busy || job.released || !turning}
            />
          ) : (
            <Act
              label={
                ready
                  ? data.motors.some((m) => m.line.open)
                    ? 'Motor direction above'
                    : data.called.some((c) => c.line.open)
                      ? 'Call the rest above'
                      : 'Every direction answered'
                  : bound
                    ? 'Answer failsafe above'
                    : 'Bind first'
              }
              onAct={() => undefined}
              disabled
              hint=""
            />
          )
        }
      >
        {!bound || job.released ? null : (
          <p className="pb-1 text-[15px] text-pencil">
            Bound: {data.bound.reading}. Binding again asks for failsafe anew; another memory, for all shown by radio.
          </p>
        )}
        {!bound && <BindForm job={job} data={data} recorder={recorder} />}
        {bound && data.failsafe.open && <Failsafe job={job} data={data} recorder={recorder} />}
        {ready && current && (
          <section aria-label="Direction">
            <h2 className="text-[28px] leading-tight font-bold">{current.call}</h2>
            <p className="text-[18px]">What moved? Look from behind.</p>
            {current.line.standing !== 'notShown' && (
              <div className="flex items-center gap-3 pt-2 text-[18px]">
                <Jaws line={current.line} />
                <strong>{verdictWords(current.line)}</strong>
                <span className="min-w-0 flex-1 text-[16px]">{current.line.why}</span>
              </div>
            )}
            <button
              type="button"
              className="button mt-3 min-h-[52px] w-full"
              aria-expanded={!!otherwise}
              onClick={() => setOtherwise(otherwise ? undefined : {})}
            >
              something else moved
            </button>
            {otherwise && (
              <div className="mt-2 flex flex-col gap-3">
                {current.expected.map((e) => (
                  <div key={e.surface}>
                    <span className="label">{e.name} went</span>
                    <Choice
                      label={e.name}
                      value={otherwise[e.surface]}
                      of={ANSWERS.map((m) => ({ value: m, words: WORDS.movement[m] }))}
                      onChoose={(m) => setOtherwise({ ...otherwise, [e.surface]: m })}
                      className="flex gap-1"
                      button="button flex-1 px-1 text-[15px]"
                    />
                  </div>
                ))}
                <button
                  type="button"
                  className="button dark min-h-[52px] font-bold"
                  disabled={current.expected.some((e) => !otherwise[e.surface])}
                  onClick={() => void answer(otherwise)}
                >
                  Record what moved
                </button>
              </div>
            )}
            {current.line.standing === 'notMet' && (
              <button
                type="button"
                className="button mt-3 w-full"
                onClick={() => void recorder.record('bind/reversed', { function: current.function })}
              >
                the {current.function} channel is reversed now
              </button>
            )}
          </section>
        )}
        {called && <OutputCall key={called.key} job={job} call={called} recorder={recorder} onAnswer={say} />}
        {ready && !current && <Motors job={job} data={data} recorder={recorder} />}
        {bound && <Called called={data.called} recorder={recorder} disabled={job.released} />}
        <DirectionList
          data={data}
          current={ready ? current : undefined}
          onChoose={(f) => {
            setChosen(f);
            setOtherwise(undefined);
          }}
        />
        <OutputList
          outputs={data.outputs}
          current={called}
          onChoose={(key) => {
            setChosen(key);
            setOtherwise(undefined);
          }}
        />
        {ready && current && <Motors job={job} data={data} recorder={recorder} />}
        {bound && <Acts job={job} recorder={recorder} of={['calibration', 'stickMenu', 'arming', 'waking']} />}
        {!job.released && <SetInRadio data={data} recorder={recorder} />}
        <SettingsList job={job} first="radio" />
      </Paper>
    </>
  );
}

/** What is called, from near: where it stands broken, where it must go in ink. */
function Closer({ drawing, call }: { drawing: Schemas['DrawingView']; call: Schemas['OutputView'] }) {
  const { left, top, width, height } = call.closer!;
  const px = width / 190;
  return (
    <figure className="absolute bottom-12 left-4 border-2 border-ink bg-mat phone:hidden">
      <svg aria-hidden width={190} height={190} viewBox={`${left} ${top} ${width} ${height}`}>
        {drawing.parts.map((p) => (
          <path
            key={p.id}
            d={p.path}
            fill={p.kind === 'hidden' ? 'none' : 'var(--mat)'}
            stroke="var(--line)"
            strokeWidth={1.5 * px}
            {...(call.parts.includes(p.id) && { strokeDasharray: `${6 * px} ${4 * px}` })}
          />
        ))}
        {call.moved.map((p) => (
          <path key={p.id} d={p.path} fill="var(--tape)" stroke="var(--line)" strokeWidth={3.5 * px} />
        ))}
      </svg>
      <figcaption className="border-t-2 border-ink bg-paper px-2 text-[14px] text-ink">from below, nose up</figcaption>
    </figure>
  );
}

/** In what order this kit comes under power. */
function PowerOrder({ job }: { job: Props['job'] }) {
  const { order, orderStated } = job.lamps;
  return (
    <ol aria-label="Power order" className="list-decimal pl-6 text-[17px]">
      {job.lamps.lamps.some((l) => l.part) && <li>every motor isolated: propeller off, or its wires</li>}
      {order.map((o) => (
        <li key={o}>{o}</li>
      ))}
      {orderStated && <li className="list-none text-[14px] text-pencil">as its sheet says; off the other way round</li>}
    </ol>
  );
}

function BindForm({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  const [memory, setMemory] = useState(data.modelMemory);
  const [mode, setMode] = useState(data.mode);
  const [method, setMethod] = useState(data.methods[0] ?? '');
  return (
    <section aria-label="Bind" className="flex flex-col gap-3">
      <h2 className="text-[25px] font-bold">Bind</h2>
      {data.bound.standing === 'stale' && <p className="text-[17px] text-red">{data.bound.why}</p>}
      <PowerOrder job={job} />
      <label className="text-[14px] text-pencil">
        model memory
        <input className="field text-[20px]" value={memory} onChange={(e) => setMemory(e.target.value)} />
      </label>
      <Choice
        label="stick mode"
        titled
        value={mode}
        of={[1, 2, 3, 4].map((m) => ({ value: m, words: m }))}
        onChoose={setMode}
        button="button flex-1 text-[18px]"
      />
      <Choice
        label="bound by"
        titled
        value={method}
        of={data.methods.map((m) => ({ value: m, words: m }))}
        onChoose={setMethod}
      />
      <button
        type="button"
        className="button dark min-h-[60px] text-[19px] font-bold"
        disabled={recorder.busy}
        onClick={() => void recorder.record('bind/bound', { modelMemory: memory, mode, method })}
      >
        It is bound
      </button>
    </section>
  );
}

function DirectionList({
  data,
  current,
  onChoose,
}: {
  data: Schemas['BindView'];
  current: Call | undefined;
  onChoose: (fn: string) => void;
}) {
  return (
    <section aria-label="Directions" data-region="list" className="py-4">
      <h3 className="border-b border-steel text-[18px] font-bold">Bind, failsafe, directions</h3>
      {[data.bound, data.failsafe].map((l) => (
        <p key={l.id} className="flex min-h-[48px] items-center gap-3 border-b border-steel px-2 text-[17px]">
          <span className="min-w-0 flex-1">
            {l.text}
            <span className="block text-[14px] text-pencil">{l.standing === 'stale' ? l.why : l.reading}</span>
          </span>
          <Jaws line={l} />
          <span className="w-[90px]">{verdictWords(l)}</span>
        </p>
      ))}
      {data.directions.map((d) => (
        <button
          type="button"
          key={d.function}
          onClick={() => onChoose(d.function)}
          aria-pressed={d === current}
          className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 text-left text-[17px]
            ${d === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
        >
          <span className="min-w-0 flex-1">
            {d.line.text}
            <span className="block text-[14px] text-pencil">
              {d.line.standing === 'notShown'
                ? d.line.limits
                : d.line.standing === 'stale'
                  ? d.line.why
                  : d.line.reading}
            </span>
          </span>
          <Jaws line={d.line} />
          <span className="w-[90px]">{verdictWords(d.line)}</span>
        </button>
      ))}
    </section>
  );
}
