import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type BalanceEntries =
  | 'build/step-started'
  | 'build/step-done'
  | 'balance/weighed'
  | 'balance/marks'
  | 'balance/pack-moved'
  | 'balance/ballast';

export type Recorder = Of<BalanceEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
