import type { Recorder as Of } from '../../api/record';
import type { SharedEntries, StageProps } from '../../shared/stage';

/** What the screens of this stage record. */
export type BindEntries =
  | 'bind/bound'
  | 'bind/controller'
  | 'bind/cut-proven'
  | 'bind/failed'
  | 'bind/memory'
  | 'bind/plugs-swapped'
  | 'bind/failsafe'
  | 'bind/direction'
  | 'bind/reversed'
  | 'bind/called'
  | 'bind/output'
  | 'bind/set'
  | 'bind/motor-wires'
  | 'bind/motor-turned'
  | 'bind/aligned'
  | 'bind/alarm'
  | 'bind/cycled'
  | 'bind/ends'
  | 'bind/keyed'
  | 'bind/stabiliser'
  | 'bind/stabiliser-mode'
  | 'bind/stabiliser-reversed'
  | 'bind/stabiliser-told'
  | 'bind/switch'
  | 'bind/switch-tried'
  | 'build/linkage-moved'
  | 'build/loop-closed'
  | 'build/loop-opened';

/** The acts of Bind in the order they are done. */
export type Room =
  | 'power'
  | 'bound'
  | 'cut'
  | 'failsafe'
  | 'controller'
  | 'directions'
  | 'motors'
  | 'stabiliser'
  | 'switches'
  | 'ends'
  | 'card';

export type Recorder = Of<BindEntries | SharedEntries>;
export type Props = StageProps<Recorder>;
