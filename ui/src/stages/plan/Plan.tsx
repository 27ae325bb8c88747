import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { dayAndClock, duration } from '../../shared/time';
import type { Props } from './entries';

type Step = Schemas['StepView'];

const LEFT: Step['standing'][] = ['underWay', 'canStart', 'waitsFor'];

/** What is left to do: the steps in the sheet's order with their minutes, and what is curing. */
export function Plan({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'steps');
  const navigate = useNavigate();
  const left = data?.steps.filter((s) => LEFT.includes(s.standing)) ?? [];
  const curing = data?.steps.filter((s) => s.standing === 'curing') ?? [];
  const stages = job.ruler.filter((r) => left.some((s) => s.stage === r.key));
  return (
    <>
      <Mat title="Plan" aside="what is left to do">
        <Drawing drawing={job.drawing} mode="fit" />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          <Act
            label="Go to Build"
            onAct={() => void navigate(`/jobs/${job.id}/build`)}
            hint="steps are started and finished there"
          />
        }
      >
        {!data ? (
          <p className="text-[17px]">opening…</p>
        ) : left.length === 0 ? (
          <h2 className="text-[22px] font-bold">Every step of the sheet is done.</h2>
        ) : (
          <>
            <h2 className="text-[22px] leading-tight font-bold">
              {left.length} {left.length === 1 ? 'step' : 'steps'} left
            </h2>
            <p className="text-[52px] leading-tight font-bold">{minutes(left)}</p>
            <p className="text-[17px]">with hands on them; cures run beside that.</p>
          </>
        )}
        {curing.length > 0 && (
          <section aria-label="Curing" className="pt-4">
            <h3 className="border-b border-steel text-[15px] text-pencil">Curing</h3>
            <ul>
              {curing.map((s) => (
                <li key={s.id} className="border-b border-steel py-2 text-[17px]">
                  <span className="block font-bold">{s.title}</span>
                  <span className="block text-[15px]">handle from {dayAndClock(s.handleAt!)}</span>
                  <span className="block text-[15px]">full strength {dayAndClock(s.fullAt!)}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {stages.map((r) => {
          const of = left.filter((s) => s.stage === r.key);
          return (
            <section key={r.key} aria-label={`${r.title}, steps left`} className="pt-4">
              <h3 className="flex justify-between border-b border-steel text-[15px] text-pencil">
                <span>{r.title}</span>
                <span>{minutes(of)}</span>
              </h3>
              <ul>
                {of.map((s) => (
                  <li key={s.id} className="flex items-baseline gap-3 border-b border-steel py-[6px] text-[17px]">
                    <span className={`min-w-0 flex-1 ${s.standing === 'waitsFor' ? '' : 'font-bold'}`}>{s.title}</span>
                    {s.isBond && <span className="text-[15px] text-pencil">then a cure</span>}
                    <span className="w-[64px] shrink-0 text-right text-[15px]">{duration(s.handsOn)}</span>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </Paper>
    </>
  );
}

const minutes = (steps: readonly Step[]) => duration(steps.reduce((sum, s) => sum + s.handsOn, 0));
