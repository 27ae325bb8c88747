import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useMatch } from 'react-router';
import { refresh, useCures, useServerNow } from '../api/queries';
import { useMe } from '../api/me';
import { currentLook } from '../api/look';
import { type Posted, post } from '../api/outbox';
import { refusalOf } from '../api/client';
import { clock, duration } from './time';

const MINUTES = 90;
const SPAN = MINUTES * 60_000;
// % of the rail that the scale takes: what ends last still has its words behind it.
const SCALE = 60;

/**
 * Each cure a bead along one time scale, this job's own first. When one can be handled its cell turns to tape until
 * tapped; open glue is a hollow bead that ends with its working time.
 */
export function CureRail() {
  const job = useMatch('/jobs/:id/*')?.params.id ?? '';
  const { data } = useCures(job);
  const now = useServerNow(data?.now);
  const client = useQueryClient();
  const me = useMe();
  const [wrong, setWrong] = useState('');
  const cures = data?.cures ?? [];
  const ready = cures.filter((c) => !c.handled && !c.isOpen && new Date(c.handleAt).getTime() <= now);
  const setting = cures.filter((c) => new Date(c.handleAt).getTime() > now);
  // What sets keeps its scale: of what can be handled one stands beside it, this job's own first.
  const first = ready.slice(0, setting.length > 0 ? 1 : 3);
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
      <span className="flex w-[92px] shrink-0 items-center pl-[14px] phone:hidden">Setting</span>
      {wrong && (
        <span role="alert" className="flex max-w-[40%] items-center px-3 text-red">
          <span className="truncate">{wrong}</span>
        </span>
      )}
      {first.map((c) => (
        <button
          type="button"
          key={c.jobId + c.id}
          onClick={() => void handled(c.jobId, c.id)}
          className="flex max-w-[36%] min-w-0 shrink items-center gap-2 border-x border-tape-edge bg-tape px-3 text-on-tape
            phone:max-w-none phone:flex-1"
        >
          <strong className="shrink-0">handle now</strong>{' '}
          <span className="truncate">
            {c.jobId} {c.title}
          </span>
        </button>
      ))}
      {ready.length > first.length && (
        <Link
          to={`/jobs/${ready[first.length]!.jobId}/build`}
          className="flex shrink-0 items-center border-r border-tape-edge bg-tape px-3 text-on-tape"
        >
          and {ready.length - first.length} more
        </Link>
      )}
      {/* On a phone there is room for one of the two. */}
      <div className={`@container relative min-w-0 flex-1 ${ready.length > 0 ? 'phone:hidden' : 'phone:ml-3'}`}>
        {setting.length > 0 &&
          Array.from({ length: MINUTES / 10 + 1 }, (_, i) => (
            <span
              key={i}
              aria-hidden
              className={`absolute bottom-0 border-l border-ink text-[13px] leading-[14px] tabular-nums ${
                i % 3 === 0 ? 'h-[14px] pl-[3px]' : 'hidden h-[6px] @min-[600px]:block'
              }`}
              style={{ left: `${(i * 10 * SCALE) / MINUTES}%` }}
            >
              {i % 3 === 0 && clock(new Date(now + i * 10 * 60_000).toISOString())}
            </span>
          ))}
        {setting.slice(0, 2).map((c, row) => {
          const left = Math.min(1, (new Date(c.handleAt).getTime() - now) / SPAN) * SCALE;
          return (
            <Link
              key={c.jobId + c.id}
              to={`/jobs/${c.jobId}/build`}
              className="absolute left-0 flex w-full items-center"
              style={{ top: row * 16 + (setting.length === 1 ? 8 : 0), height: 17 }}
            >
              <span className="h-[6px] bg-ink" style={{ width: `${left}%` }} />
              <span
                className={`size-[14px] shrink-0 -translate-x-2 rounded-full border-2 border-ink ${c.isOpen ? 'bg-paper' : 'bg-tape'}`}
              />
              <span className="truncate text-[14px] leading-[17px]">
                {c.jobId} {c.title.toLowerCase()}, {c.isOpen ? 'workable' : 'handle in'} {until(c.handleAt, now)}
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
      {data?.meanwhile && (
        <Link
          to={`/jobs/${data.meanwhile.job}/build`}
          className="flex max-w-[36%] items-center gap-2 border-l border-ink px-3 leading-tight phone:hidden"
        >
          <span className="shrink-0 text-pencil">meanwhile</span>
          <span className="line-clamp-2">
            {data.meanwhile.job === job ? '' : `${data.meanwhile.job} `}
            {data.meanwhile.title}, {duration(data.meanwhile.minutes)}
          </span>
        </Link>
      )}
    </section>
  );
}

function until(instant: string, now: number): string {
  return duration((new Date(instant).getTime() - now) / 60_000);
}
