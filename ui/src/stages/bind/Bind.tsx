import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { SettingsList } from '../../shared/SettingsList';
import { panelOf } from '../../shared/Tabs';
import { useOpenAct } from '../../shared/look/Acts';
import { Advice, useFixes } from './Advice';
import { Binding } from './Binding';
import { CallMat } from './CallMat';
import { Called } from './Called';
import { Closer } from './Closer';
import { Controllers } from './Controllers';
import { CardRoom } from './CardRoom';
import { Cut } from './Cut';
import { DirectionCall, DirectionList } from './DirectionCall';
import { EndsRoom } from './EndsRoom';
import type { Props, Room } from './entries';
import { Failsafe } from './Failsafe';
import { Motors } from './Motors';
import { type OutputAnswer, OutputCall, OutputList } from './OutputCall';
import { Power } from './Power';
import { SetInRadio } from './SetInRadio';
import { StabiliserRoom } from './StabiliserRoom';
import { SwitchRoom } from './SwitchRoom';
import { type Mark, Strip } from '../../shared/Strip';
import { asItMust, listed, seenOf, useTaps } from './taps';
import type { Seen } from './ways';

/** The radio in the order it is done: power, bound, cut, failsafe, controllers; then what everything does, and motors. */
export function Bind({ job, recorder, turn }: Props) {
  const { data } = useStage(job.id, 'bind');
  const [room, setRoom] = useState<Room>();
  const [chosen, setChosen] = useState<string>();
  const [picks, setPicks] = useState(0);
  const [timed, setTimed] = useState<number>();
  const motorsOpen = useOpenAct(job, 'motorDirection');
  const fixes = useFixes(recorder);
  const taps = useTaps();
  if (!data)
    return (
      <Mat title="Bind" aside="opening…">
        {null}
      </Mat>
    );

  const marks = marksOf(data);
  const open = room ?? marks.find((m) => m.mark !== 'shown')?.room ?? 'directions';
  const ready = !data.bound.open;
  const output = data.outputs.find((o) => o.key === chosen);
  const direction = output
    ? undefined
    : (data.directions.find((d) => d.function === chosen) ?? data.directions.find((d) => d.line.open));
  const call = open === 'directions' && ready ? direction : undefined;
  const called =
    open === 'directions' && ready && !direction ? (output ?? data.outputs.find((o) => o.line.open)) : undefined;
  const advice = call && data.advice.find((a) => a.functions.includes(call.function) && a.line);
  const { seen, begun, complete, tap } = taps.at(call);
  const settled = call && advice?.settles && call.line.standing === 'notMet' && !begun;
  const turning = !called?.turnsMotors || !!motorsOpen?.reached;

  const done = () => {
    taps.clear();
    setChosen(undefined);
  };
  const pick = (key: string) => {
    taps.clear();
    setChosen(key);
    setPicks((n) => n + 1);
  };
  const look = async (moved: Seen) => {
    if (!call) return;
    const body = { function: call.function, seen: listed(moved), bypassed: false };
    if (await recorder.record('bind/direction', body)) done();
  };
  const say = async (answer: OutputAnswer, words: string) => {
    if (!called) return false;
    const ok = await recorder.record('bind/output', {
      of: called.of,
      at: called.at,
      answer,
      seen: words,
      seconds: called.takes ? (timed ?? null) : null,
    });
    if (ok) setChosen(undefined);
    return ok;
  };
  const busy = recorder.busy || job.released;
  const untimed = !!called?.takes && timed === undefined;
  const next = <Next marks={marks} open={open} onChoose={setRoom} />;
  const strip = (
    <>
      <Top of={`${open} ${call?.function ?? called?.key ?? ''} ${picks}`} />
      <div className="-mx-[18px] -mt-3 mb-3">
        <Strip label="Bind" marks={marks} value={open} onChoose={setRoom} />
      </div>
    </>
  );
  const rest = { job, recorder, data, strip, next, room: '', turn };
  if (open === 'stabiliser' && data.stabiliser) return <StabiliserRoom {...rest} of={data.stabiliser} />;
  if (open === 'switches') return <SwitchRoom {...rest} />;
  if (open === 'ends') return <EndsRoom {...rest} />;
  if (open === 'card' && data.card) return <CardRoom {...rest} card={data.card} />;

  const act = settled ? (
    <Act label="Set as said, look again" onAct={() => void fixes.take(advice.fixes).then(done)} disabled={busy} />
  ) : call ? (
    Object.keys(seen).length > 0 ? (
      <Act
        label="Record what moved"
        hint={complete ? undefined : 'say it of every surface first'}
        onAct={() => void look(seen)}
        disabled={busy || !complete}
      />
    ) : (
      <Act label="As the picture shows" onAct={() => void look(asItMust(call))} disabled={busy} />
    )
  ) : called ? (
    <Act
      label="As expected"
      hint={
        !turning ? 'begin with the throttle cut, then say it is live' : untimed ? 'time it first, above' : undefined
      }
      onAct={() => void say('asExpected', '')}
      disabled={busy || !turning || untimed}
    />
  ) : (
    next
  );

  const place = data.directions.findIndex((d) => d === call) + 1;
  return (
    <>
      <Mat title="Bind" aside={call || called ? '' : 'standing behind it'}>
        {call ? (
          <CallMat
            call={call}
            atRest={data.atRest}
            seen={Object.keys(seen).length > 0 ? seen : seenOf(call)}
            onSeen={tap}
            count={`call ${place} of ${data.directions.length}`}
          />
        ) : (
          <Drawing
            drawing={called ? (called.picture ?? data.below ?? data.atRest) : data.atRest}
            mode="plain"
            highlight={new Set(called?.parts)}
            foot={called ? called.foot : 'from behind, you stand at the tail'}
            pad={{ top: 120, bottom: 120 }}
          />
        )}
        {called && (
          <div
            className="pointer-events-none absolute top-[64px] right-[18px] left-[18px] text-line max-lg:top-[6px]
              max-lg:left-[140px] phone:hidden"
          >
            <p className="text-[38px] leading-[1.05] font-bold max-lg:text-[28px]">{called.call}</p>
            <p className="text-[18px]">{called.expected}</p>
          </div>
        )}
        {called?.closer && data.below && <Closer drawing={data.below} call={called} />}
      </Mat>
      <Paper job={job} recorder={recorder} at="bind" act={act}>
        {strip}
        <div {...panelOf(open)}>
          {open === 'power' && <Power job={job} data={data} recorder={recorder} />}
          {open === 'bound' && <Binding job={job} data={data} recorder={recorder} />}
          {open === 'cut' && <Cut job={job} data={data} recorder={recorder} />}
          {open === 'failsafe' && <Failsafe job={job} data={data} recorder={recorder} />}
          {open === 'controller' && <Controllers job={job} data={data} recorder={recorder} />}
          {open === 'directions' && (
            <>
              {!ready && <p className="text-[18px]">Bind first; directions are called afterwards.</p>}
              {call && advice && !begun && <Advice advice={advice} calls={data.directions} />}
              {call && <DirectionCall call={call} seen={seen} advised={!!advice} onTap={tap} />}
              {called && (
                <OutputCall
                  key={called.key}
                  job={job}
                  call={called}
                  recorder={recorder}
                  onAnswer={say}
                  onTimed={setTimed}
                />
              )}
              <DirectionList directions={data.directions} current={call} onChoose={pick} />
              <OutputList outputs={data.outputs} current={called} onChoose={pick} />
              {ready && <Called called={data.called} recorder={recorder} disabled={job.released} />}
            </>
          )}
          {open === 'motors' && <Motors job={job} data={data} recorder={recorder} />}
        </div>
        {!job.released && <SetInRadio data={data} recorder={recorder} />}
        <SettingsList job={job} first="radio" />
      </Paper>
    </>
  );
}

/** Whatever else comes into hand stands at the top of the paper, however far down it was chosen. */
function Top({ of }: { of: string }) {
  const here = useRef<HTMLSpanElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever something else is in hand
  useEffect(() => void here.current?.parentElement?.scrollTo({ top: 0 }), [of]);
  return <span ref={here} />;
}

function marksOf(data: Schemas['BindView']) {
  const { ready } = data;
  const of = (lines: readonly (Schemas['LedgerLine'] | null | undefined)[]): { mark: Mark; note: string } => {
    const asked = lines.filter((l) => !!l);
    const left = asked.filter((l) => l.open);
    return {
      mark: asked.some((l) => l.standing === 'notMet' && l.open) ? 'wrong' : left.length > 0 ? 'open' : 'shown',
      note: left.length === 0 ? 'shown' : asked.length === 1 ? 'open' : `${left.length} open`,
    };
  };
  const wrong = ready.packs.some((p) => p.wrong);
  const power: { mark: Mark; note: string } = {
    mark: wrong ? 'wrong' : ready.notMeasured ? 'open' : 'shown',
    note: wrong ? 'unfit' : ready.notMeasured ? 'cells' : ready.wasConnected ? 'was on' : 'ready',
  };
  const marks: { room: Room; title: string; mark: Mark; note: string }[] = [
    { room: 'power', title: 'Power', ...power },
    { room: 'bound', title: 'Bound', ...of([data.bound, ready.memory]) },
    ...(ready.cut ? [{ room: 'cut' as const, title: 'Cut', ...of([ready.cut]) }] : []),
    { room: 'failsafe', title: 'Failsafe', ...of([data.failsafe]) },
    ...(ready.controllers.length > 0
      ? [{ room: 'controller' as const, title: 'Controller', ...of(ready.controllers.map((c) => c.line)) }]
      : []),
    {
      room: 'directions',
      title: 'Directions',
      ...of([
        ...data.directions.map((d) => d.line),
        ...data.outputs.map((o) => o.line),
        ...data.called.map((c) => c.line),
      ]),
    },
    ...(data.motors.length > 0
      ? [{ room: 'motors' as const, title: 'Motors', ...of(data.motors.map((m) => m.line)) }]
      : []),
    ...(data.stabiliser
      ? [
          {
            room: 'stabiliser' as const,
            title: 'Stabiliser',
            ...of([
              ...data.stabiliser.first.map((f) => f.line),
              data.stabiliser.awake,
              data.stabiliser.count,
              ...data.stabiliser.calls.map((c) => c.call.line),
              ...data.stabiliser.modes.map((m) => m.line),
            ]),
          },
        ]
      : []),
    ...(data.switches.uses.length > 0
      ? [
          {
            room: 'switches' as const,
            title: 'Switches',
            ...of([...data.switches.uses.map((u) => u.line), ...data.switches.wholes.map((w) => w.line)]),
          },
        ]
      : []),
    ...(data.ends.length + data.cycles.length > 0
      ? [
          {
            room: 'ends' as const,
            title: 'Ends',
            ...of([...data.ends.map((e) => e.line), ...data.cycles.map((c) => c.line)]),
          },
        ]
      : []),
    ...(data.card
      ? [{ room: 'card' as const, title: 'Card', ...of([data.card.line, ...data.card.alarms.map((a) => a.line)]) }]
      : []),
  ];
  return marks;
}

const HERE: Partial<Record<Room, string>> = {
  bound: 'Bind, then read the memory off',
  cut: 'Try the cut above',
  failsafe: 'Answer failsafe above',
  controller: 'Say how it is set above',
  directions: 'Call the rest above',
  motors: 'Motor direction above',
  stabiliser: 'Hold it still, above',
  switches: 'Put each on its switch, above',
  ends: 'Listen to each, above',
  card: 'Key what is open, hear the alarms',
};

/** Where the work is on the paper above, or the next act that is open. */
function Next({
  marks,
  open,
  onChoose,
}: {
  marks: ReturnType<typeof marksOf>;
  open: Room;
  onChoose: (room: Room) => void;
}) {
  const here = marks.find((m) => m.room === open);
  const next = marks.find((m) => m.mark !== 'shown' && m.room !== open);
  if (here && here.mark !== 'shown')
    return <Act label={HERE[open] ?? 'Measure the cells above'} onAct={() => undefined} disabled hint="" />;
  if (!next) return <Act label="All of Bind is shown" onAct={() => undefined} disabled hint="" />;
  return <Act label={`On to: ${next.title.toLowerCase()}`} onAct={() => onChoose(next.room)} hint="" />;
}
