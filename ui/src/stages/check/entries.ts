import type { Schemas } from '../../api/client';
import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type CheckEntries =
  | 'check/answered'
  | 'check/called'
  | 'check/field'
  | 'check/flown'
  | 'check/full-power'
  | 'check/range'
  | 'check/taxied'
  | 'check/tried';

export type Recorder = Of<CheckEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
export type View = Schemas['CheckView'];

/** What is looked at, in the order it is done: what is isolated first, what runs last. */
export type Room = 'run' | 'airframe' | 'propeller' | 'power' | 'outdoors' | 'steps';
