import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { clock, duration } from '../../shared/time';

type Step = Schemas['StepView'];

const GROUPS: [string, (s: Step) => boolean][] = [
  ['under way', (s) => s.standing === 'underWay'],
  ['can start', (s) => s.standing === 'canStart'],
  ['waits', (s) => s.standing === 'waitsFor'],
];
const isDone = (s: Step) => s.standing === 'done' || s.standing === 'curing';

/** What is open for now, then steps as can start, waits for, done; done ones fold to a line. */
export function StepList({
  steps,
  current,
  errata,
  onChoose,
  onClose,
  loops,
  now,
}: {
  steps: readonly Step[];
  current: Step | undefined;
  /** Steps at which the manual is said to be wrong. */
  errata: ReadonlySet<string>;
  onChoose: (id: string) => void;
  /** Changes a loop back; left out where nothing is recorded any more. */
  onClose?: ((loop: string, value: string) => void) | undefined;
  loops: readonly Schemas['LoopView'][];
  now: number;
}) {
  const [all, setAll] = useState(false);
  const done = steps.filter(isDone);
  const last = [...done].sort((a, b) => (b.doneAt ?? '').localeCompare(a.doneAt ?? ''))[0];
  const row = (s: Step, status: string) => (
    <li key={s.id}>
      <button
        type="button"
        aria-pressed={s === current}
        onClick={() => onChoose(s.id)}
        className={`flex min-h-[48px] w-full items-center gap-3 border-b border-steel px-3 text-left text-[17px] ${
          s === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''
        }`}
      >
        <span className="min-w-0 flex-1">
          <span className={`block ${s.standing === 'canStart' || s.standing === 'underWay' ? 'font-bold' : ''}`}>
            {s.title}
          </span>
          {errata.has(s.id) && (
            <span className="block text-[14px] leading-tight text-red">the manual is wrong here</span>
          )}
          {s.standing === 'waitsFor' && (
            <span className="block text-[14px] leading-tight text-pencil">
              {s.waitsFor[0]}
              {s.waitsFor.length > 1 && `, and ${s.waitsFor.length - 1} more`}
            </span>
          )}
        </span>
        {/* Spoken after its title, seen before it. */}
        <span className="order-first w-[78px] shrink-0 text-[15px] text-pencil">{status}</span>
        <span className="shrink-0 text-[15px] text-pencil">{aside(s, now)}</span>
      </button>
    </li>
  );
  return (
    <section aria-label="Steps" data-region="list">
      <ul>
        {loops.map((l) => (
          <li
            key={l.id}
            className="flex min-h-[52px] items-center gap-3 border-b border-steel bg-tape-wash px-3 text-[17px]
              shadow-[inset_5px_0_0_var(--tape)]"
          >
            <span className="w-[78px] shrink-0 text-[15px] font-bold">open</span>
            <span className="min-w-0 flex-1">
              <strong className="block">{l.detail}</strong>
              <span className="block text-[14px] leading-tight text-pencil">
                since {clock(l.openedAt)}, {l.by} · holds up release
              </span>
            </span>
            {onClose && <ChangedBack was={l.was} onBack={(value) => onClose(l.id, value)} />}
          </li>
        ))}
        {GROUPS.flatMap(([status, is]) => steps.filter(is).map((s) => row(s, status)))}
        {done.length > 0 && (
          <li className="flex min-h-[48px] items-center gap-3 border-b border-steel px-3 text-[17px]">
            <span className="w-[78px] shrink-0 text-[15px] text-pencil">done</span>
            <span className="min-w-0 flex-1">
              <strong>
                {done.length} of {steps.length} steps done
              </strong>
              {last?.doneAt && `, last ${clock(last.doneAt)} ${last.title}`}
            </span>
            <button
              type="button"
              aria-expanded={all}
              className="min-h-[44px] px-2 text-[15px] underline"
              onClick={() => setAll(!all)}
            >
              {all ? 'fold' : 'show'}
            </button>
          </li>
        )}
        {all && done.map((s) => row(s, s.standing === 'curing' ? 'curing' : 'done'))}
      </ul>
    </section>
  );
}

function aside(s: Step, now: number) {
  if (s.standing === 'curing' && s.handleAt && s.fullAt) {
    const handle = new Date(s.handleAt).getTime();
    return handle > now
      ? `handle in ${duration((handle - now) / 60_000)}`
      : `full in ${duration((new Date(s.fullAt).getTime() - now) / 60_000)}`;
  }
  return s.standing === 'done' ? s.by : duration(s.handsOn);
}

/** Of a value that was changed, what it shows now is read off first. */
function ChangedBack({ was, onBack }: { was: string; onBack: (value: string) => void }) {
  const [value, setValue] = useState('');
  return (
    <span className="flex shrink-0 items-center gap-1">
      {was && (
        <input
          className="field w-[90px] text-[16px]"
          aria-label={`what it shows now, must be ${was}`}
          placeholder={was}
          value={value}
          onChange={(e) => setValue(e.target.value)}
        />
      )}
      <button type="button" className="button" disabled={!!was && !value.trim()} onClick={() => onBack(value)}>
        changed back
      </button>
    </span>
  );
}
