import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { refresh, useCures, useServerNow } from '../api/queries';
import { useMe } from '../api/me';
import { currentLook } from '../api/look';
import { type Posted, post } from '../api/outbox';
import { refusalOf } from '../api/client';
import { duration } from './time';

const SPAN = 90 * 60_000;

/**
 * Each cure a bead along one time scale, ordered by its end. When one can be handled its cell turns to tape until
 * tapped.
 */
export function CureRail() {
  const { data } = useCures();
  const now = useServerNow(data?.now);
  const client = useQueryClient();
  const me = useMe();
  const [wrong, setWrong] = useState('');
  const cures = data?.cures ?? [];
  const ready = cures.filter((c) => !c.handled && new Date(c.handleAt).getTime() <= now);
  const setting = cures.filter((c) => new Date(c.handleAt).getTime() > now);
  const later = cures.filter((c) => c.handled && new Date(c.fullAt).getTime() > now);

  const handled = async (job: string, step: string) => {
    const id = crypto.randomUUID();
    const entry: Posted<'build/step-handled'> = {
      entryId: id,
      type: 'build/step-handled',
      body: { step },
      observedAt: new Date().toISOString(),
      expectedSeq: null,
    };
    const by = { person: me?.id ?? '', personName: me?.name ?? '', look: currentLook() };
    setWrong('');
    await post({ id, jobId: job, ...by, entries: [entry] }, false).catch((e) => setWrong(refusalOf(e).message));
    await refresh(client);
  };

  return (
    <section
      aria-label="Cures"
      data-region="rail"
      className="flex items-stretch overflow-hidden border-t-2 border-ink bg-rail text-[15px] [grid-area:rail]"
    >
      <span className="flex w-[92px] shrink-0 items-center pl-[14px]">Setting</span>
      {wrong && (
        <span role="alert" className="flex max-w-[40%] items-center px-3 text-red">
          <span className="truncate">{wrong}</span>
        </span>
      )}
      {ready.map((c) => (
        <button
          type="button"
          key={c.jobId + c.id}
          onClick={() => void handled(c.jobId, c.id)}
          className="flex min-w-0 shrink items-center gap-2 border-x border-tape-edge bg-tape px-3 text-on-tape"
        >
          <strong>handle now</strong>{' '}
          <span className="truncate">
            {c.jobId} {c.title}
          </span>
        </button>
      ))}
      <div className="relative min-w-0 flex-1">
        <svg aria-hidden className="absolute inset-0 h-full w-full" preserveAspectRatio="none" viewBox="0 0 90 48">
          {Array.from({ length: 10 }, (_, i) => (
            <path
              key={i}
              d={`M${i * 10} 40V48`}
              stroke="var(--ink)"
              strokeWidth="1"
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
        {setting.slice(0, 2).map((c, row) => {
          const left = Math.min(1, (new Date(c.handleAt).getTime() - now) / SPAN) * 60;
          return (
            <Link
              key={c.jobId + c.id}
              to={`/jobs/${c.jobId}/build`}
              className="absolute left-0 flex w-full items-center"
              style={{ top: row * 20 + (setting.length === 1 ? 8 : 0), height: 22 }}
            >
              <span className="h-[6px] bg-ink" style={{ width: `${left}%` }} />
              <span className="size-[16px] shrink-0 -translate-x-2 rounded-full border-2 border-ink bg-tape" />
              <span className="truncate text-[15px]">
                {c.jobId} {c.title.toLowerCase()}, handle in {until(c.handleAt, now)}
              </span>
            </Link>
          );
        })}
        {setting.length === 0 && ready.length === 0 && (
          <span className="absolute inset-y-0 left-0 flex items-center text-quiet">
            {later.length > 0
              ? `${later[0]!.jobId} ${later[0]!.title.toLowerCase()}: full strength in ${until(later[0]!.fullAt, now)}`
              : 'nothing is curing'}
          </span>
        )}
      </div>
      {setting.length > 2 && <span className="flex items-center px-3">and {setting.length - 2} more</span>}
    </section>
  );
}

function until(instant: string, now: number): string {
  return duration((new Date(instant).getTime() - now) / 60_000);
}
