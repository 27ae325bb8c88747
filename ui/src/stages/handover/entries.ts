import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type HandOverEntries =
  | 'handover/conceded'
  | 'handover/released'
  | 'handover/owner-answered'
  | 'handover/reopened';

export type Recorder = Of<HandOverEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
