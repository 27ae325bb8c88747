import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type PlanEntries = never;

export type Recorder = Of<PlanEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
