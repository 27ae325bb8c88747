import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type ThrowsEntries =
  | 'build/linkage-moved'
  | 'throws/read'
  | 'throws/travel-set'
  | 'throws/freedom'
  | 'throws/neutral'
  | 'throws/holes'
  | 'throws/trim-set';

export type Recorder = Of<ThrowsEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
