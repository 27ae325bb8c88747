import { useState } from 'react';
import { Link } from 'react-router';
import { useJobs } from '../api/queries';
import { Search } from '../shared/Search';
import { SmallDrawing } from '../shared/SmallDrawing';
import { daysLeft, day } from '../shared/time';
import { Unreadable } from '../shared/Unreadable';
import { toStage } from '../shared/stageKeys';

/** Every job: its airframe inked in as far as it has got, its stage, its date, and what holds it up. */
export function Jobs() {
  const [find, setFind] = useState('');
  const { data, error } = useJobs(find);
  return (
    <div className="border-2 border-ink bg-paper text-ink">
      <div className="flex items-center justify-between gap-5 border-b-2 border-ink px-5 py-4 phone:flex-wrap phone:px-3">
        <h1 className="text-[27px] leading-tight font-bold">Jobs</h1>
        <div className="flex max-w-[420px] flex-1">
          <Search label="Number, kit, customer, shelf or order" onFind={setFind} />
        </div>
        <Link to="/jobs/new" className="button dark flex items-center px-6 text-[18px] font-bold">
          Receive a kit
        </Link>
      </div>
      <Unreadable of={data?.unreadable} what="Job" />
      {error && <p className="p-5 text-red">{error.message}</p>}
      {data?.jobs.length === 0 && (
        <p className="p-8 text-[18px]">{find ? 'No job has these words.' : 'No job yet. Receive a kit to begin.'}</p>
      )}
      <ul data-region="list">
        {data?.jobs.map((j) => {
          const late = !j.released && j.promised < data.today;
          return (
            <li key={j.id} className="border-b border-steel last:border-0">
              <Link
                to={toStage(j.id, j.stage)}
                className="grid min-h-[104px] grid-cols-[150px_190px_minmax(0,1fr)_180px] items-center gap-4 px-5 py-2
                  hover:bg-tape-wash max-lg:grid-cols-[130px_150px_minmax(0,1fr)_130px]
                  phone:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] phone:gap-2 phone:px-3"
              >
                <SmallDrawing of={j.drawing} inks={j.inks} width={140} height={88} />
                <span className="min-w-0">
                  <strong className="block text-[20px] leading-tight">{j.number}</strong>
                  <span className="block">{j.kit}</span>
                  <bdi className="block truncate text-[15px] text-pencil">{j.customer}</bdi>
                </span>
                <span className="min-w-0">
                  <span className="block text-[19px] font-bold">{j.stageTitle}</span>
                  <span className="block text-[16px]">{j.holds}</span>
                  <span className="block text-[14px] text-pencil">
                    {j.shown} of {j.all} shown
                  </span>
                </span>
                <span className="text-right">
                  <span className="block text-[14px] text-pencil">promised{j.shelf && `, shelf ${j.shelf}`}</span>
                  <span className={`block text-[19px] font-bold ${late ? 'text-red' : ''}`}>
                    {day(j.promised)}
                    {late && ', late'}
                  </span>
                  {j.claimDaysLeft != null && (
                    <span className={`block text-[15px] ${j.claimDaysLeft < 3 ? 'font-bold text-red' : ''}`}>
                      claim: {daysLeft(j.claimDaysLeft)}
                    </span>
                  )}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
      {data && data.all > data.jobs.length && (
        <p className="border-t border-steel px-5 py-3 text-[15px] text-pencil">
          The first {data.jobs.length} of {data.all}. Type a few words to find another.
        </p>
      )}
    </div>
  );
}
