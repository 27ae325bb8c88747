import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type ReceiveEntries =
  | 'receive/receiver'
  | 'receive/promised'
  | 'receive/value-given'
  | 'receive/sheet-moved'
  | 'receive/pack-brought'
  | 'receive/pack-chosen'
  | 'receive/transmitter'
  | 'receive/add-on'
  | 'receive/carton'
  | 'receive/supplier'
  | 'receive/box-photo'
  | 'receive/school'
  | 'receive/option'
  | 'receive/servo'
  | 'receive/drive'
  | 'receive/channels'
  | 'receive/carried'
  | 'receive/to-buy';

export type Recorder = Of<ReceiveEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
