import type { Schemas } from '../../api/client';
import { duration } from '../../shared/time';

type Step = Schemas['StepView'];

const GROUPS: [string, (s: Step) => boolean][] = [
  ['Under way', (s) => s.standing === 'underWay'],
  ['Can start', (s) => s.standing === 'canStart'],
  ['Waits for', (s) => s.standing === 'waitsFor'],
  ['Done', (s) => s.standing === 'done' || s.standing === 'curing'],
];

/** Steps as can start, waits for, done; in the sheet's order within each. */
export function StepList({
  steps,
  current,
  errata,
  onChoose,
  now,
}: {
  steps: readonly Step[];
  current: Step | undefined;
  /** Steps at which the manual is said to be wrong. */
  errata: ReadonlySet<string>;
  onChoose: (id: string) => void;
  now: number;
}) {
  return (
    <section aria-label="Steps" data-region="list" className="pt-4">
      {GROUPS.map(([title, is]) => {
        const of = steps.filter(is);
        if (of.length === 0) return null;
        return (
          <div key={title}>
            <h3 className="border-b border-steel pt-2 text-[15px] text-pencil">{title}</h3>
            <ul>
              {of.map((s) => (
                <li key={s.id}>
                  <button
                    type="button"
                    aria-pressed={s === current}
                    onClick={() => onChoose(s.id)}
                    className={`flex min-h-[48px] w-full items-center gap-3 border-b border-steel px-2 text-left
                      text-[17px] ${s === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
                  >
                    <span className="min-w-0 flex-1">
                      <span
                        className={`block ${s.standing === 'canStart' || s.standing === 'underWay' ? 'font-bold' : ''}`}
                      >
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
                    <span className="shrink-0 text-[15px] text-pencil">{aside(s, now)}</span>
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
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
