import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useStage } from '../../api/queries';
import { ErratumForm } from '../../shared/ErratumForm';
import type { Recorder } from './entries';

type Props = { job: Schemas['JobView']; recorder: Recorder; finding: Schemas['FindingView'] };

/** A finding that is the manual's doing, proposed to be put right. */
export function FindingErratum({ job, recorder, finding }: Props) {
  const [open, setOpen] = useState(false);
  const { data } = useStage(job.id, 'steps');
  return open && data ? (
    <ErratumForm recorder={recorder} steps={data.steps} finding={finding} onDone={() => setOpen(false)} />
  ) : (
    <button type="button" className="min-h-[44px] self-start text-[15px] underline" onClick={() => setOpen(true)}>
      the manual is wrong or silent about this
    </button>
  );
}
