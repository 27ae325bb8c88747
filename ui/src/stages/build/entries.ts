import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type BuildEntries =
  | 'build/step-started'
  | 'build/step-done'
  | 'build/step-paused'
  | 'build/step-resumed'
  | 'build/minutes'
  | 'build/glue-opened'
  | 'build/glue-acted'
  | 'build/servo-stood'
  | 'build/step-added'
  | 'build/step-moved'
  | 'build/step-skipped'
  | 'build/step-split'
  | 'build/step-put-back'
  | 'build/cure-began'
  | 'build/left-over'
  | 'build/step-undone'
  | 'build/loop-opened'
  | 'build/loop-closed';

export type Recorder = Of<BuildEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
