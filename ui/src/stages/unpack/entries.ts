import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type UnpackEntries =
  | 'unpack/papers'
  | 'unpack/paper-photo'
  | 'unpack/counted'
  | 'unpack/bag-counted'
  | 'unpack/extra'
  | 'unpack/finding'
  | 'unpack/disposition'
  | 'unpack/repaired'
  | 'unpack/reinspected'
  | 'unpack/wrong-counted'
  | 'unpack/paper-elsewhere'
  | 'unpack/substitute'
  | 'unpack/walked'
  | 'unpack/photo'
  | 'unpack/origin'
  | 'unpack/regraded'
  | 'unpack/claim-sent'
  | 'unpack/claim-posted'
  | 'unpack/claim-answered'
  | 'unpack/parts-arrived';

export type Recorder = Of<UnpackEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
