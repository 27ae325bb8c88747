import { Link } from 'react-router';
import { useBench } from '../api/queries';
import { daysLeft, day } from '../shared/time';
import { Unreadable } from '../shared/Unreadable';

/**
 * What is next: claims before their window closes, parts on the way, and what holds each job up. Cures are on the rail.
 */
export function Bench() {
  const { data, error } = useBench();
  if (error && !data) return <p className="text-red">{error.message}</p>;
  if (!data) return <p>Looking…</p>;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_430px] items-start gap-6 text-ink max-lg:grid-cols-1">
      <section aria-label="Next" className="border-2 border-ink bg-paper">
        <h1 className="border-b-2 border-ink px-5 py-4 text-[27px] leading-tight font-bold">
          Bench, {day(data.today)}
        </h1>
        <Unreadable of={data.unreadable} what="Job" />
        <ul data-region="list">
          {data.next.map((n) => (
            <li key={n.job} className="border-b border-steel last:border-0">
              <Link
                to={`/jobs/${n.job}/${n.stage}`}
                className="grid min-h-[60px] grid-cols-[86px_minmax(0,1fr)_110px] items-center gap-3 px-5 py-2
                  phone:grid-cols-[70px_minmax(0,1fr)_84px] phone:px-3 hover:bg-tape-wash"
              >
                <span>
                  <strong className="block text-[17px] leading-tight">{n.number}</strong>
                  <span className="text-[14px] text-pencil">{n.stageTitle}</span>
                </span>
                <span className="min-w-0">
                  <span className="block truncate text-[14px] text-pencil">{n.kit}</span>
                  <span className="block text-[17px] leading-snug">{n.holds}</span>
                </span>
                <span className={`text-right ${n.late ? 'font-bold text-red' : ''}`}>
                  {day(n.promised)}
                  {n.late && <span className="block text-[14px]">late</span>}
                </span>
              </Link>
            </li>
          ))}
          {data.next.length === 0 && <li className="p-6 text-[18px]">Nothing is open. Receive a kit to begin.</li>}
        </ul>
      </section>
      <div className="flex flex-col gap-6">
        <section aria-label="Claims" className="border-2 border-ink bg-paper">
          <h2 className="border-b-2 border-ink px-5 py-3 text-[21px] leading-tight font-bold">To claim</h2>
          <ul>
            {data.claims.map((c) => (
              <li key={c.job} className="border-b border-steel last:border-0">
                <Link to={`/jobs/${c.job}/unpack?room=claim`} className="block px-5 py-3 hover:bg-tape-wash">
                  <span className="flex items-baseline justify-between gap-3">
                    <strong className="text-[17px]">
                      {c.number} <span className="font-normal">{c.kit}</span>
                    </strong>
                    <span className={`text-[20px] font-bold whitespace-nowrap ${c.daysLeft < 3 ? 'text-red' : ''}`}>
                      {daysLeft(c.daysLeft)}
                    </span>
                  </span>
                  <span className="block text-[15px] text-pencil">
                    {c.to}, until {day(c.until)}
                  </span>
                  <span className="block text-[15px]">
                    {c.what.length > 2
                      ? `${c.what.slice(0, 2).join('; ')} and ${c.what.length - 2} more`
                      : c.what.join('; ')}
                  </span>
                </Link>
              </li>
            ))}
            {data.claims.length === 0 && (
              <li className="px-5 py-4 text-[16px] text-pencil">Nothing waits to be claimed.</li>
            )}
          </ul>
        </section>
        <section aria-label="Parts on the way" className="border-2 border-ink bg-paper">
          <h2 className="border-b-2 border-ink px-5 py-3 text-[21px] leading-tight font-bold">Parts on the way</h2>
          <ul>
            {data.parts.map((p) => (
              <li key={p.job + p.to} className="border-b border-steel last:border-0">
                <Link to={`/jobs/${p.job}/unpack?room=claim`} className="block px-5 py-3 hover:bg-tape-wash">
                  <span className="flex items-baseline justify-between gap-3">
                    <strong className="text-[17px]">
                      {p.number} <span className="font-normal">{p.kit}</span>
                    </strong>
                    <span className={`font-bold whitespace-nowrap ${p.late ? 'text-red' : ''}`}>
                      {p.due ? day(p.due) : ''}
                      {p.late && ', late'}
                    </span>
                  </span>
                  <span className="block text-[15px]">{p.what.join('; ') || 'parts for findings'}</span>
                </Link>
              </li>
            ))}
            {data.parts.length === 0 && <li className="px-5 py-4 text-[16px] text-pencil">None are promised.</li>}
          </ul>
        </section>
      </div>
    </div>
  );
}
