import { Link } from 'react-router';
import { useJobs } from '../api/queries';
import { SmallDrawing } from '../shared/SmallDrawing';
import { day } from '../shared/time';

/** Every job: its airframe inked in as far as it has got, its stage, its date, and what holds it up. */
export function Jobs() {
  const { data, error } = useJobs();
  return (
    <div className="border-2 border-ink bg-paper text-ink">
      <div className="flex items-center justify-between border-b-2 border-ink px-5 py-4">
        <h1 className="text-[27px] leading-tight font-bold">Jobs</h1>
        <Link to="/jobs/new" className="button dark flex items-center px-6 text-[18px] font-bold">
          Receive a kit
        </Link>
      </div>
      {error && <p className="p-5 text-red">{error.message}</p>}
      {data?.jobs.length === 0 && <p className="p-8 text-[18px]">No job yet. Receive a kit to begin.</p>}
      <ul data-region="list">
        {data?.jobs.map((j) => {
          const late = !j.released && j.promised < data.today;
          return (
            <li key={j.id} className="border-b border-steel last:border-0">
              <Link to={`/jobs/${j.id}/${j.stage.toLowerCase()}`} className="grid min-h-[104px] grid-cols-[150px_190px_minmax(0,1fr)_150px] items-center gap-4 px-5 py-2 hover:bg-tape-wash max-lg:grid-cols-[130px_150px_minmax(0,1fr)_110px]">
                <SmallDrawing drawing={j.drawing} width={140} height={88} />
                <span>
                  <strong className="block text-[20px] leading-tight">{j.number}</strong>
                  <span className="block">{j.kit}</span>
                  <span className="block text-[15px] text-pencil">{j.customer}</span>
                </span>
                <span className="min-w-0">
                  <span className="block text-[19px] font-bold">{j.stageTitle}</span>
                  <span className="block text-[16px]">{j.holds}</span>
                  <span className="block text-[14px] text-pencil">
                    {j.shown} of {j.all} shown
                  </span>
                </span>
                <span className={`text-right ${late ? 'text-red' : ''}`}>
                  <span className="block text-[14px] text-pencil">promised</span>
                  <span className="block text-[19px] font-bold">{day(j.promised)}</span>
                  {late && <span className="block text-[15px]">late</span>}
                  {!late && j.shelf && <span className="block text-[15px] text-pencil">shelf {j.shelf}</span>}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
