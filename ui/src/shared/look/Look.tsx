import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { currentLook } from '../../api/look';
import { useMe } from '../../api/me';
import { lampOf } from '../../api/record';
import type { SharedRecorder } from '../stage';
import { Choice } from '../Choice';
import { Drawing } from '../Drawing';
import { Over } from '../Over';
import { clock } from '../time';
import { isAsked, isKnown, isLive, type Lamp, type LampIs, type LampKind } from './said';

type Job = Schemas['JobView'];
type Words = Record<string, LampIs | undefined>;

// ms
const DEAF = 700;

/**
 * One look, all lamps in one act. What was said last and is still so is one line; what is asked, or was never said, is
 * opened. What waited for it is recorded by itself afterwards.
 */
export function Look({
  job,
  recorder,
  opened,
  because = '',
  mustChange = false,
  onDone,
}: {
  job: Job;
  recorder: SharedRecorder;
  /** Lamps it was opened for; the others are one line while they are as they were. */
  opened: readonly string[];
  /** The words of the refusal that led here. */
  because?: string;
  /** What it is said to be now is what is in the way. */
  mustChange?: boolean;
  onDone: (said: boolean) => void;
}) {
  const { lamps: every, asLast, order, orderStated } = job.lamps;
  const me = useMe();
  const [words, setWords] = useState<Words>(() =>
    Object.fromEntries(
      every.map((l) => [
        l.key,
        l.lamp === 'memory' && !isKnown(l, currentLook(), me?.id) ? undefined : (l.is ?? undefined),
      ]),
    ),
  );
  const [all, setAll] = useState(false);
  const asked = [...opened, lampOf(recorder.refusal)];
  // The memory is read at each power-up, off a transmitter that is on; at no other time is it anybody's question.
  const powered =
    every.some((l) => l.lamp === 'pack' && words[l.key] === 'connected' && l.is !== 'connected') &&
    every.some((l) => l.lamp === 'transmitter' && words[l.key] !== 'off');
  const read = (l: Lamp) => l.lamp !== 'memory' || powered || asked.some((a) => isAsked(l, a));
  const lamps = every.filter(read);
  const [memoryAsked, setMemoryAsked] = useState(false);
  const mustRead = lamps.some((l) => l.lamp === 'memory' && (memoryAsked || !words[l.key]));
  useEffect(() => {
    if (mustRead) setMemoryAsked(true);
  }, [mustRead]);
  const open = new Set<LampKind>(
    lamps
      .filter((l) => all || l.is === null || asked.some((a) => isAsked(l, a)) || (l.lamp === 'memory' && mustRead))
      .flatMap((l) => groupOf(l.lamp)),
  );
  const changed = lamps.some((l) => words[l.key] !== (l.is ?? undefined));
  const missing = lamps.filter((l) => !words[l.key]);
  const motors = [...new Set(lamps.filter((l) => l.part).map((l) => l.of))];
  const say = (of: readonly Lamp[], is: LampIs) =>
    setWords((w) => ({ ...w, ...Object.fromEntries(of.map((l) => [l.key, is])) }));
  // A second Enter of what led here says nothing about the aircraft.
  const act = useRef<HTMLButtonElement>(null);
  const [deaf, setDeaf] = useState(true);
  useEffect(() => {
    const timer = setTimeout(() => setDeaf(false), DEAF);
    const group = act.current?.form?.querySelector('[role=radiogroup]');
    const first =
      group?.querySelector<HTMLElement>('[aria-checked=true]') ?? group?.querySelector<HTMLElement>('button');
    (first ?? act.current)?.focus();
    return () => clearTimeout(timer);
  }, []);
  const record = async () => {
    if (missing.length > 0 || (mustChange && !changed) || deaf) return;
    const ok = await recorder.record('build/lamps', {
      said: lamps.map((l) => ({ lamp: l.lamp, of: l.of, is: words[l.key]! })),
    });
    if (ok) onDone(true);
  };
  const shut = asLast.filter((k) => !open.has(k.lamp) && lamps.some((l) => l.lamp === k.lamp));
  const oldest = lamps
    .filter((l) => l.at && !open.has(l.lamp))
    .map((l) => l.at!)
    .sort()[0];
  return (
    <Over
      title={because || 'Look, and say how it is'}
      onClose={() => onDone(false)}
      className={`w-[min(96vw,${motors.length > 0 ? 980 : 560}px)]`}
    >
      <form
        className="flex gap-5"
        onSubmit={(e) => {
          e.preventDefault();
          void record();
        }}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' || (e.target as HTMLElement).getAttribute('role') !== 'radio') return;
          e.preventDefault();
          void record();
        }}
      >
        {motors.length > 0 && (
          <div
            className={`relative w-[400px] shrink-0 self-start border-2 border-ink max-lg:hidden
              ${motors.length > 1 ? 'h-[440px]' : 'h-[340px]'}`}
          >
            <Drawing
              drawing={job.drawing}
              mode="plain"
              highlight={new Set(lamps.filter((l) => l.part && isLive(l.lamp, words[l.key])).map((l) => l.part))}
              pad={{ top: 76, bottom: 40, left: 34, right: 34 }}
              foot="nose up, seen from above"
              tags={(place) =>
                motors.map((m) => <MotorTag key={m} of={m} lamps={lamps} words={words} onSay={say} place={place} />)
              }
            />
          </div>
        )}
        <div className="flex min-w-0 flex-1 flex-col gap-3">
          {orderStated && (
            <p className="border-l-[6px] border-tape bg-tape-wash px-3 py-1 text-[16px]">
              This kit’s own order: {order.join(', then ')}.
            </p>
          )}
          {GROUPS.map((of) => ({ of, lamps: lamps.filter((l) => of.includes(l.lamp) && open.has(l.lamp)) }))
            .filter((g) => g.lamps.length > 0)
            .map((g) => (
              <Group key={g.of[0]} of={g.of} lamps={g.lamps} words={words} onSay={say} />
            ))}
          {shut.length > 0 && (
            <p className="flex items-start gap-3 text-[17px]">
              <span className="min-w-0 flex-1">
                <span className="block text-[14px] text-pencil">as last said{oldest ? `, ${clock(oldest)}` : ''}</span>
                {shut.map((k) => k.words).join('; ')}
              </span>
              <button type="button" className="button min-h-[52px] shrink-0" onClick={() => setAll(true)}>
                otherwise
              </button>
            </p>
          )}
          <div className="sticky bottom-0 mt-auto bg-paper pt-1">
            {recorder.refusal && (
              <p role="alert" className="border-l-[6px] border-red px-3 py-1 text-[17px] text-red">
                {recorder.refusal.message}
              </p>
            )}
            <div className="flex gap-2 pt-1">
              <button type="button" className="button min-h-[60px]" onClick={() => onDone(false)}>
                Not now
              </button>
              <button
                type="submit"
                data-say
                aria-busy={deaf}
                ref={act}
                className="button dark min-h-[60px] flex-1 text-[20px] font-bold"
                disabled={missing.length > 0 || (mustChange && !changed) || recorder.busy}
              >
                {changed || mustChange || missing.length > 0 ? 'So it is now' : 'Still so'}
              </button>
            </div>
          </div>
        </div>
      </form>
    </Over>
  );
}

const GROUPS: readonly (readonly LampKind[])[] = [
  ['propeller', 'wires'],
  ['transmitter'],
  ['memory'],
  ['pack'],
  ['stabiliser'],
];

const groupOf = (kind: LampKind) => GROUPS.find((g) => g.includes(kind))!;

const TITLES: Record<LampKind, string> = {
  propeller: 'Propellers',
  wires: 'Motor wires',
  transmitter: 'Transmitter',
  pack: 'Packs',
  stabiliser: 'Stabiliser',
  memory: 'Memory',
};

const answers = (l: Lamp) =>
  l.choices.map((c) => ({
    value: c.is,
    words: c.words,
    button: `button min-h-[52px] min-w-0 flex-1 px-1 text-[16px] leading-tight phone:px-0 phone:text-[13.5px]
      ${isLive(l.lamp, c.is) ? 'live' : ''}`,
  }));

/**
 * What is looked at together: a row for each motor or pack, a column for each thing of it, and with one tap all of a
 * column alike.
 */
function Group({
  of,
  lamps,
  words,
  onSay,
}: {
  of: readonly LampKind[];
  lamps: readonly Lamp[];
  words: Words;
  onSay: (of: readonly Lamp[], is: LampIs) => void;
}) {
  const names = [...new Set(lamps.map((l) => l.of))];
  const kinds = of.filter((k) => lamps.some((l) => l.lamp === k));
  if (names.length === 1)
    return lamps.map((l) => (
      <Choice
        key={l.key}
        titled
        label={l.title}
        value={words[l.key]}
        of={answers(l)}
        onChoose={(is) => onSay([l], is)}
        className="flex gap-1"
      />
    ));
  return (
    <div className="flex flex-col gap-1 border-t border-steel pt-1">
      <div className="flex items-end gap-3">
        <span className="w-[52px] shrink-0" />
        {kinds.map((k) => {
          const all = lamps.filter((l) => l.lamp === k);
          return (
            <fieldset key={k} className="min-w-0 flex-1">
              <legend className="text-[15px] font-bold">{TITLES[k]}</legend>
              <div className="flex gap-1">
                {all[0]!.choices.map((c) => (
                  <button
                    type="button"
                    key={c.is}
                    className="min-h-[44px] min-w-0 flex-1 text-[15px] leading-tight underline"
                    onClick={() => onSay(all, c.is)}
                  >
                    all {c.words}
                  </button>
                ))}
              </div>
            </fieldset>
          );
        })}
      </div>
      {names.map((name) => (
        <div key={name} className="flex items-center gap-3">
          <span aria-hidden className="w-[52px] shrink-0 text-[17px]">
            {name}
          </span>
          {kinds.map((k) => {
            const lamp = lamps.find((l) => l.lamp === k && l.of === name);
            return (
              <div key={k} className="min-w-0 flex-1">
                {lamp && (
                  <Choice
                    label={lamp.title}
                    value={words[lamp.key]}
                    of={answers(lamp)}
                    onChoose={(is) => onSay([lamp], is)}
                    className="flex gap-1"
                  />
                )}
              </div>
            );
          })}
        </div>
      ))}
    </div>
  );
}

/** A motor where it is on the drawing: a tap says the other word. The rows beside it say the same to a keyboard. */
function MotorTag({
  of,
  lamps,
  words,
  onSay,
  place,
}: {
  of: string;
  lamps: readonly Lamp[];
  words: Words;
  onSay: (of: readonly Lamp[], is: LampIs) => void;
  place: { x: (across: number) => number; y: (down: number) => number };
}) {
  const mine = lamps.filter((l) => l.of === of && l.part);
  const main = mine.find((l) => l.lamp === 'propeller') ?? mine[0]!;
  const wires = mine.find((l) => l.lamp === 'wires');
  const is = words[main.key];
  const x = place.x(main.across ?? 0);
  const side = (main.across ?? 0) < -20 ? -1 : (main.across ?? 0) > 20 ? 1 : 0;
  const off = wires && words[wires.key] === 'off';
  const can = off ? false : is === 'on';
  return (
    <button
      type="button"
      aria-hidden
      tabIndex={-1}
      onClick={() => onSay([main], is === 'off' ? 'on' : 'off')}
      className={`absolute min-h-[44px] min-w-[92px] border-2 border-ink px-2 text-left text-[14px] leading-tight
        ${can ? 'bg-tape text-on-tape' : 'bg-paper text-ink'} ${is ? '' : 'border-dashed'}`}
      style={{
        left: x,
        top: place.y(main.down ?? 0),
        transform:
          side === 0
            ? 'translate(-50%, calc(-100% - 14px))'
            : side < 0
              ? 'translate(calc(-100% - 14px), -50%)'
              : 'translate(14px, -50%)',
      }}
    >
      <span className="block text-[13px]">{main.lamp === 'wires' ? 'fan' : of}</span>
      <strong>
        {is
          ? main.lamp === 'wires'
            ? off
              ? 'wires off'
              : 'can turn'
            : `${is === 'on' ? 'on' : is === 'off' ? 'off' : 'blades off'}${off ? ', wires off' : ''}`
          : 'not said'}
      </strong>
    </button>
  );
}
