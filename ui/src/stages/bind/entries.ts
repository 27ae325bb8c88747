import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type BindEntries =
  | 'bind/bound'
  | 'bind/failsafe'
  | 'bind/direction'
  | 'bind/reversed'
  | 'bind/called'
  | 'bind/output'
  | 'bind/set'
  | 'bind/motor-wires'
  | 'bind/motor-turned';

export type Recorder = Of<BindEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
