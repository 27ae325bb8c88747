import type { Schemas } from '../../api/client';
import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type WireEntries =
  | 'wire/map-laid'
  | 'wire/plugged'
  | 'wire/pulled'
  | 'wire/turned'
  | 'wire/answered'
  | 'wire/mended'
  | 'wire/device'
  | 'wire/connector'
  | 'build/loop-opened';

export type Recorder = Of<WireEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
export type View = Schemas['WireView'];
export type Lead = Schemas['LeadView'];

/** What yes says beside itself. */
export type Answer = { by?: Schemas['HeldBy']; measured?: string };

/** How a lead is drawn: red where something is wrong with it, else by whether it is in. */
export const standsOf = (lead: Lead) =>
  lead.lost || lead.line?.standing === 'notMet' ? 'fault' : lead.line && !lead.line.open ? 'in' : 'open';
