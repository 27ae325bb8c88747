import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type BuildEntries =
  | 'build/step-started'
  | 'build/step-done'
  | 'build/cure-began'
  | 'build/step-undone'
  | 'build/loop-opened'
  | 'build/loop-closed';

export type Recorder = Of<BuildEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
