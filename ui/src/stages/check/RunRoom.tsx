import { type ReactNode, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { currentLook, onLook } from '../../api/look';
import { useMe } from '../../api/me';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { Transmitter } from '../../shared/Transmitter';
import { clock } from '../../shared/time';
import type { Props, View } from './entries';
import { RunRing } from './RunRing';

type Run = Schemas['CheckRunView'];
type Call = Schemas['CheckCallView'];
type Answer = Schemas['Entry.CalledOut']['answer'];

// px: under this height the answers stand on the paper alone.
const LOW = 520;
// ms
const BOUNCE = 400;

/**
 * The function check, called out: the call large, what must be seen ghosted on the aircraft, and a line round it that
 * closes only by an unbroken run. Answered by the act, by keys, or by a clicker from the tail.
 */
export function RunRoom({
  job,
  recorder,
  data,
  run,
  strip,
  next,
}: Props & { data: View; run: Run; strip: ReactNode; next: ReactNode }) {
  const look = useSyncExternalStore(onLook, currentLook);
  const me = useMe();
  const [again, setAgain] = useState(false);
  const [clicker, setClicker] = useState(false);
  const [aloud, setAloud] = useState(false);
  const mine = run.look === look && run.byId === me?.id;
  const done = mine ? run.done : 0;
  const closed = run.whole && done === 0 && !again;
  const call = closed ? undefined : run.calls[done];
  const busy = recorder.busy || job.released;

  const say = async (answer: Answer) => {
    if (!call || busy) return;
    if (await recorder.record('check/called', { call: call.id, answer, seen: '' })) setAgain(false);
  };
  // A second press of the same finger answers no second call.
  const last = useRef(Number.NEGATIVE_INFINITY);
  const tap = (answer: Answer) => {
    if (performance.now() - last.current < BOUNCE) return;
    last.current = performance.now();
    void say(answer);
  };
  useSpoken(aloud ? call?.call : undefined);
  useClicker(clicker && !busy, (answer) => void say(answer));

  const act = call ? <Act label="As expected" onAct={() => void say('asExpected')} disabled={busy} /> : next;
  const others = (
    [
      ['wrong', 'Wrong', 'Page Up'],
      ['nothing', 'Nothing moved', 'End'],
    ] as const
  ).map(([answer, words, key]) => (
    <button
      type="button"
      key={answer}
      disabled={busy}
      onClick={() => tap(answer)}
      className="button min-h-[60px] min-w-0 flex-1 text-[20px] font-bold"
    >
      {words}
      {clicker && <span className="block text-[13px] font-normal">{key}</span>}
    </button>
  ));
  return (
    <>
      <Mat title="Check" aside="">
        <Drawing
          drawing={call?.below && data.below ? data.below : data.atRest}
          mode="plain"
          highlight={new Set(call?.below ? call.parts : [])}
          foot={
            call?.below
              ? 'from below: left and right are changed over'
              : 'from behind, you stand at the tail; drawn large'
          }
          pad={(height) => ({
            left: 86,
            right: 86,
            ...(height < LOW ? { top: 112, bottom: 58 } : { top: 214, bottom: 168 }),
          })}
          over={(px) =>
            !call?.below &&
            call?.ways.map((w) => (
              <path
                key={w.surface}
                d={w.path}
                fill="var(--tape)"
                stroke="var(--ink)"
                strokeWidth={2.5 * px}
                strokeDasharray={`${7 * px} ${4 * px}`}
              />
            ))
          }
        />
        <RunRing of={run.calls.length} done={closed ? run.calls.length : done} low={LOW} />
        <div
          className="pointer-events-none absolute top-[60px] right-[18px] left-[18px] flex text-line max-lg:top-[6px]
            max-lg:left-[120px] phone:hidden"
        >
          <div className="min-w-0 flex-1">
            <p className="text-[46px] leading-[1.05] font-bold max-lg:text-[30px]">
              {call?.call ?? 'The line is closed'}
            </p>
            <p className="text-[18px] leading-tight">
              {call ? call.expected : `${run.calls.length} calls as expected`}
            </p>
            {call?.note && <p className="text-[16px] text-quiet">{call.note}</p>}
          </div>
          <Transmitter stick={call?.stick ?? undefined} />
        </div>
        {call && (
          <div className="absolute right-[18px] bottom-[44px] left-[18px] flex gap-2 max-lg:hidden">
            <button
              type="button"
              // The same as the act, larger: one place in the tab order is enough.
              aria-hidden
              tabIndex={-1}
              disabled={busy}
              onClick={() => tap('asExpected')}
              className="button dark min-h-[72px] flex-[2] text-[28px] font-bold"
            >
              As expected
              {clicker && <span className="block text-[13px] font-normal">Page Down</span>}
            </button>
            {others}
          </div>
        )}
      </Mat>
      <Paper job={job} recorder={recorder} at="check" act={act}>
        {strip}
        <Count run={run} done={done} closed={closed} />
        {run.brokeWords && done === 0 && (
          <div role="alert" className="mt-2 border-2 border-red px-3 py-2 text-[17px]">
            {run.brokeWords}{' '}
            <Link className="underline" to={`/jobs/${job.id}/bind`}>
              Mend it on Bind
            </Link>
          </div>
        )}
        {call && !job.released && (
          <>
            <div className="flex gap-2 pt-3 lg:hidden">{others}</div>
            <p className="pt-2 text-[16px]">
              <strong>Wrong or nothing breaks the line.</strong> The run stops, the place goes to its remedy, then all{' '}
              {run.calls.length} are called again.
            </p>
          </>
        )}
        <Table run={run} done={closed ? run.calls.length : done} call={call} />
        {!job.released && (
          <fieldset className="flex flex-wrap gap-x-6 pt-2 text-[16px]">
            <legend className="sr-only">How it is called and answered</legend>
            <Tick words="answer by clicker" on={clicker} onTick={setClicker} />
            <Tick words="speak the calls" on={aloud} onTick={setAloud} />
          </fieldset>
        )}
        {closed && !job.released && (
          <button type="button" className="button mt-3 min-h-[52px] w-full" onClick={() => setAgain(true)}>
            Call it all out again
          </button>
        )}
      </Paper>
    </>
  );
}

function Count({ run, done, closed }: { run: Run; done: number; closed: boolean }) {
  const of = run.calls.length;
  return (
    <div className="flex items-center gap-4 border-b-2 border-ink pb-2">
      <span className="text-[72px] leading-none font-bold tabular-nums">{closed ? of : done}</span>
      <span className="min-w-0 flex-1 leading-tight">
        <strong className="block text-[24px]">of {of}, unbroken</strong>
        <span className="text-[17px]">
          {closed
            ? run.line.why
            : done > 0 && run.since
              ? `since ${clock(run.since)}, ${of - done} more close the line`
              : 'one look, one person, one call after the other'}
        </span>
      </span>
    </div>
  );
}

/** Every call by its stick or switch, with how it stands. */
function Table({ run, done, call }: { run: Run; done: number; call: Call | undefined }) {
  const groups = [...new Set(run.calls.map((c) => c.group))];
  return (
    <ol aria-label="Calls" className="pt-2" data-region="list">
      {groups.map((g) => (
        <li key={g} className="flex items-baseline gap-2 border-b border-steel py-[5px] text-[16px]">
          <strong className="w-[112px] shrink-0 leading-tight">{g}</strong>
          <span className="flex min-w-0 flex-1 flex-wrap gap-x-3 gap-y-1">
            {run.calls
              .map((c, i) => ({ ...c, i }))
              .filter((c) => c.group === g)
              .map((c) => (
                <span
                  key={c.id}
                  aria-current={c.id === call?.id ? 'step' : undefined}
                  className={`whitespace-nowrap ${
                    c.id === call?.id ? 'bg-tape px-1 font-bold text-on-tape' : c.i < done ? '' : 'text-pencil'
                  }`}
                >
                  <span className="pr-1 text-[13px]">{c.i + 1}</span>
                  {c.at} {c.i < done ? '[•]' : '[ ]'}
                  <span className="sr-only">{c.i < done ? ', as expected' : ', not yet'}</span>
                </span>
              ))}
          </span>
        </li>
      ))}
    </ol>
  );
}

function Tick({ words, on, onTick }: { words: string; on: boolean; onTick: (on: boolean) => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={() => onTick(!on)}
      className={`button min-h-[44px] px-3 text-[16px] ${on ? 'dark' : ''}`}
    >
      {words}
    </button>
  );
}

/** The browser's own voice, where it has one. */
function useSpoken(words: string | undefined) {
  useEffect(() => {
    if (!words || !('speechSynthesis' in window)) return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    return () => window.speechSynthesis.cancel();
  }, [words]);
}

const KEYS: Partial<Record<string, Answer>> = { PageDown: 'asExpected', PageUp: 'wrong', End: 'nothing' };

/** A clicker sends pages: forward is as expected, back is wrong, which only breaks the run. */
function useClicker(on: boolean, onAnswer: (answer: Answer) => void) {
  useEffect(() => {
    if (!on) return;
    const hear = (e: KeyboardEvent) => {
      const answer = KEYS[e.key];
      if (!answer || e.altKey || e.ctrlKey || e.repeat || document.querySelector('dialog[open]')) return;
      e.preventDefault();
      onAnswer(answer);
    };
    document.addEventListener('keydown', hear);
    return () => document.removeEventListener('keydown', hear);
  }, [on, onAnswer]);
}
