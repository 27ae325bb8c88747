import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { duration } from '../../shared/time';
import type { StageProps } from '../JobFrame';

/** Plan is not built yet; it says what will be there, and what is known without it. */
export function Plan({ job, recorder }: StageProps) {
  const { data } = useStage(job.id, 'steps');
  const left =
    data?.steps.filter((s) => s.standing === 'canStart' || s.standing === 'waitsFor' || s.standing === 'underWay') ??
    [];
  return (
    <>
      <Mat title="Plan" aside="not built yet">
        <Drawing drawing={job.drawing} mode="fit" />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          <Act
            label="Nothing to do here yet"
            onAct={() => undefined}
            disabled
            hint="steps are worked on Build, in their order"
          />
        }
      >
        <h2 className="text-[22px] font-bold">Here will be the plan</h2>
        <p className="pt-2 text-[17px]">
          Steps and cures laid against the shop's day, shortages routed around, and one date that can be promised: eight
          times in ten.
        </p>
        <h3 className="pt-6 text-[18px] font-bold">Known already</h3>
        <p className="pt-1 text-[17px]">
          {left.length} {left.length === 1 ? 'step is' : 'steps are'} left,{' '}
          {duration(left.reduce((sum, s) => sum + s.handsOn, 0))} with hands on them. Cures run beside that.
        </p>
      </Paper>
    </>
  );
}
