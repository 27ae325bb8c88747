import { type KeyboardEvent, useEffect, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { inSight } from './inSight';
import { day } from './time';

type Job = Schemas['JobView'];

const IN_HAND =
  'border-l-[6px] border-tape bg-paper pl-[6px]! font-bold max-lg:border-l-0 max-lg:border-t-[6px] max-lg:pl-0!';
const LYING = 'flex items-baseline gap-4 px-4 py-3 pr-24 phone:gap-2 phone:pr-[74px] phone:pl-3';
const HANGING = 'm-[10px] -rotate-1 px-[10px] py-2 text-[14.5px] leading-[1.3]';

/**
 * The steel rule: ten stages, and each graduation is one requirement. Long shown, short not yet, bent out, broken
 * stale.
 */
export function Ruler({ job, stage }: { job: Job; stage: string }) {
  const navigate = useNavigate();
  const list = useRef<HTMLOListElement>(null);
  // Where the stages do not fit side by side, the one in hand is in sight.
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another stage is in hand
  useEffect(() => inSight(list.current?.querySelector('[aria-current]'), 'nearest', 'center'), [stage]);
  const go = (index: number) => {
    const target = job.ruler[(index + 10) % 10]!;
    void navigate(`/jobs/${job.id}/${target.key}`);
    list.current?.querySelectorAll('a')[(index + 10) % 10]?.focus();
  };
  const keys = (e: KeyboardEvent) => {
    const current = job.ruler.findIndex((r) => r.key === stage);
    if (/^[0-9]$/.test(e.key)) go(e.key === '0' ? 9 : Number(e.key) - 1);
    else if (e.key === 'ArrowDown' || e.key === 'ArrowRight') go(current + 1);
    else if (e.key === 'ArrowUp' || e.key === 'ArrowLeft') go(current - 1);
    else return;
    e.preventDefault();
  };

  return (
    <>
      <JobTape job={job} className="lg:hidden [grid-area:tape]" row />
      <nav
        aria-label="Stages"
        data-region="ruler"
        onKeyDown={keys}
        className="relative flex min-h-0 border-r-2 border-ink bg-steel [grid-area:ruler] max-lg:border-r-0 max-lg:border-b-2 lg:flex-col"
      >
        <JobTape job={job} className="max-lg:hidden" />
        <ol ref={list} className="flex min-h-0 flex-1 max-lg:w-full phone:overflow-x-auto lg:flex-col">
          {job.ruler.map((r, i) => (
            <li
              key={r.key}
              className="min-h-0 min-w-0 flex-1 border-steel-edge max-lg:border-r phone:min-w-[84px] lg:border-t"
            >
              <Link
                to={`/jobs/${job.id}/${r.key}`}
                aria-current={r.key === stage ? 'page' : undefined}
                aria-label={`${r.title}, ${r.marks.filter((m) => !open(m)).length} of ${r.marks.length} shown`}
                className={`relative flex h-full items-center overflow-hidden max-lg:flex-col max-lg:justify-center
                  max-lg:text-[13px] lg:pl-3
                  ${r.key === stage ? IN_HAND : ''}`}
              >
                <span className="w-5 shrink-0 text-[13px] text-pencil max-lg:w-auto">{(i + 1) % 10}</span>
                <span className="truncate lg:text-[17px]">{r.title}</span>
                <Graduations marks={r.marks} />
              </Link>
            </li>
          ))}
        </ol>
        <Link
          to="/jobs"
          className="flex min-h-[44px] items-center border-t border-steel-edge pl-3 text-[15px] max-lg:absolute
            max-lg:-top-[52px] max-lg:right-3 max-lg:border-0"
        >
          All jobs
        </Link>
      </nav>
    </>
  );
}

const open = (m: Schemas['MarkView']) => m.standing === 'notShown' || m.standing === 'notMet' || m.standing === 'stale';

const MOST = 16;
const WORST: readonly (string | null)[] = ['notMet', 'stale', 'notShown', 'conceded', 'close', 'met'];

/**
 * As many graduations as can be told apart: where there are more requirements, neighbours share one, and the worst of
 * them shows.
 */
function fewer(marks: readonly Schemas['MarkView'][]) {
  if (marks.length <= MOST) return marks;
  return Array.from({ length: MOST }, (_, i) => {
    const together = marks.slice(Math.floor((i * marks.length) / MOST), Math.floor(((i + 1) * marks.length) / MOST));
    return together.reduce((a, b) => (WORST.indexOf(a.standing) <= WORST.indexOf(b.standing) ? a : b));
  });
}

function Graduations({ marks: all }: { marks: readonly Schemas['MarkView'][] }) {
  const marks = fewer(all);
  const gap = Math.min(5, 46 / Math.max(1, marks.length - 1));
  const top = 28 - ((marks.length - 1) * gap) / 2;
  const weight = gap < 2.5 ? 1 : 2;
  return (
    <svg aria-hidden width="30" height="56" className="absolute top-1/2 right-0 -translate-y-1/2 max-lg:hidden">
      {marks.map((m, i) => {
        const y = top + i * gap;
        switch (m.standing) {
          case 'notShown':
            return <path key={m.id} d={`M20 ${y}H30`} stroke="var(--pencil)" strokeWidth={weight * 0.8} />;
          case 'notMet':
            return (
              <path
                key={m.id}
                d={`M30 ${y}H8L1 ${y - 4}`}
                fill="none"
                stroke="var(--red)"
                strokeWidth={Math.max(2, weight)}
              />
            );
          case 'stale':
            return (
              <path key={m.id} d={`M4 ${y}H13M19 ${y}H30`} stroke="var(--ink)" strokeWidth={Math.max(1.6, weight)} />
            );
          default:
            return <path key={m.id} d={`M4 ${y}H30`} stroke="var(--ink)" strokeWidth={weight} />;
        }
      })}
    </svg>
  );
}

function JobTape({ job, className, row }: { job: Job; className: string; row?: boolean }) {
  return (
    <div className={className}>
      <div
        className={`border border-tape-edge bg-tape text-on-tape
          ${row ? LYING : HANGING}`}
      >
        <span className="flex items-baseline justify-between gap-3">
          <strong className="text-[20px] leading-tight whitespace-nowrap">{job.number}</strong>
          {job.shelf && <span className={row ? 'whitespace-nowrap phone:hidden' : ''}>shelf {job.shelf}</span>}
        </span>
        <span className="block truncate">{job.kit}</span>
        <span className={`block truncate ${row ? 'phone:hidden' : ''}`}>
          <bdi>{job.customer}</bdi>
        </span>
        <span className="block whitespace-nowrap">due {day(job.promised)}</span>
      </div>
    </div>
  );
}
