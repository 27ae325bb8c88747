import type { Schemas } from '../api/client';
import type { Recorder } from '../api/record';

/** What shared parts record, whichever stage they stand in. */
export type SharedEntries =
  | 'bind/act-ended'
  | 'bind/act-opened'
  | 'build/answered'
  | 'build/lamps'
  | 'build/marked'
  | 'build/step-handled'
  | 'build/true-read'
  | 'job/retracted'
  | 'receive/pack-measured'
  | 'unpack/erratum'
  | 'unpack/finding';
export type SharedRecorder = Recorder<SharedEntries>;

/** What the frame gives the screen of a stage. */
export type StageProps<R = SharedRecorder> = {
  job: Schemas['JobView'];
  recorder: R;
  room: string;
  turn: () => void;
};
