/** Written by ui/build-types from the server's document; not changed by hand. */
import type { components } from './schema';

type Schemas = components['schemas'];

/** What is said of each kind of entry, as its door takes it. */
export type Bodies = {
  'receive/battery': Schemas['Entry.BatteryGiven'];
  'receive/receiver': Schemas['Entry.ReceiverGiven'];
  'receive/promised': Schemas['Entry.PromiseChanged'];
  'receive/value-given': Schemas['Entry.ValueGiven'];
  'receive/sheet-moved': Schemas['Entry.SheetMoved'];
  'receive/pack-brought': Schemas['Entry.PackBrought'];
  'receive/pack-measured': Schemas['Entry.PackMeasured'];
  'receive/pack-chosen': Schemas['Entry.PackChosen'];
  'receive/servo': Schemas['Entry.ServoBrought'];
  'receive/drive': Schemas['Entry.DriveBrought'];
  'receive/channels': Schemas['Entry.ChannelsSaid'];
  'receive/carried': Schemas['Entry.Carried'];
  'receive/transmitter': Schemas['Entry.TransmitterBrought'];
  'receive/add-on': Schemas['Entry.AddOnBrought'];
  'receive/carton': Schemas['Entry.CartonSeen'];
  'receive/supplier': Schemas['Entry.SupplierSaid'];
  'receive/box-photo': Schemas['Entry.BoxPhotographed'];
  'receive/school': Schemas['Entry.SchoolChosen'];
  'receive/option': Schemas['Entry.OptionChosen'];
  'receive/to-buy': Schemas['Entry.ToBuySaid'];
  'unpack/papers': Schemas['Entry.PapersFound'];
  'unpack/paper-photo': Schemas['Entry.PaperPhotographed'];
  'unpack/counted': Schemas['Entry.Counted'];
  'unpack/count-set': Schemas['Entry.CountSet'];
  'unpack/bag-counted': Schemas['Entry.BagCounted'];
  'unpack/wrong': Schemas['Entry.WrongPart'];
  'unpack/extra': Schemas['Entry.ExtraPart'];
  'unpack/finding': Schemas['Entry.FindingRaised'];
  'unpack/erratum': Schemas['Entry.ErratumProposed'];
  'unpack/disposition': Schemas['Entry.Disposed'];
  'unpack/repaired': Schemas['Entry.Repaired'];
  'unpack/reinspected': Schemas['Entry.Reinspected'];
  'unpack/wrong-counted': Schemas['Entry.WrongCounted'];
  'unpack/paper-elsewhere': Schemas['Entry.PaperFromElsewhere'];
  'unpack/substitute': Schemas['Entry.SubstituteAccepted'];
  'unpack/walked': Schemas['Entry.Walked'];
  'unpack/photo': Schemas['Entry.FindingPhotographed'];
  'unpack/origin': Schemas['Entry.OriginSaid'];
  'unpack/regraded': Schemas['Entry.Regraded'];
  'unpack/claim-sent': Omit<Schemas['ClaimPost'], 'entryId' | 'observedAt' | 'expectedSeq' | 'look'>;
  'unpack/claim-posted': Schemas['Entry.ClaimPosted'];
  'unpack/claim-answered': Schemas['Entry.ClaimAnswered'];
  'unpack/parts-arrived': Schemas['Entry.PartsArrived'];
  'build/step-started': Schemas['Entry.StepStarted'];
  'build/step-done': Schemas['Entry.StepDone'];
  'build/answered': Schemas['Entry.Answered'];
  'build/true-read': Schemas['Entry.TrueRead'];
  'build/marked': Schemas['Entry.Marked'];
  'build/left-over': Schemas['Entry.LeftOver'];
  'build/glue-opened': Schemas['Entry.GlueOpened'];
  'build/glue-acted': Schemas['Entry.GlueActed'];
  'build/step-paused': Schemas['Entry.StepPaused'];
  'build/step-resumed': Schemas['Entry.StepResumed'];
  'build/minutes': Schemas['Entry.MinutesSaid'];
  'build/servo-stood': Schemas['Entry.ServoStood'];
  'build/step-added': Schemas['Entry.StepAdded'];
  'build/step-moved': Schemas['Entry.StepMoved'];
  'build/step-skipped': Schemas['Entry.StepSkipped'];
  'build/step-split': Schemas['Entry.StepSplit'];
  'build/step-put-back': Schemas['Entry.StepPutBack'];
  'build/step-handled': Schemas['Entry.StepHandled'];
  'build/cure-began': Schemas['Entry.CureBegan'];
  'build/lamps': Schemas['Entry.LampsSaid'];
  'build/propeller': Schemas['Entry.PropellerSaid'];
  'build/pack': Schemas['Entry.PackSaid'];
  'build/transmitter': Schemas['Entry.TransmitterSaid'];
  'build/step-undone': Schemas['Entry.StepUndone'];
  'build/loop-opened': Schemas['Entry.LoopOpened'];
  'build/loop-closed': Schemas['Entry.LoopClosed'];
  'build/linkage-moved': Schemas['Entry.LinkageMoved'];
  'wire/map-laid': Schemas['Entry.MapLaid'];
  'wire/plugged': Schemas['Entry.LeadPlugged'];
  'wire/pulled': Schemas['Entry.LeadPulled'];
  'wire/turned': Schemas['Entry.ServoTurned'];
  'wire/mended': Schemas['Entry.LeadMended'];
  'wire/device': Schemas['Entry.DeviceSaid'];
  'wire/connector': Schemas['Entry.ConnectorSaid'];
  'wire/answered': Schemas['Entry.WireAnswered'];
  'bind/bound': Schemas['Entry.Bound'];
  'bind/failed': Schemas['Entry.BindFailed'];
  'bind/memory': Schemas['Entry.MemorySeen'];
  'bind/cut-proven': Schemas['Entry.CutProven'];
  'bind/controller': Schemas['Entry.ControllerSet'];
  'bind/plugs-swapped': Schemas['Entry.PlugsSwapped'];
  'bind/failsafe': Schemas['Entry.FailsafeSeen'];
  'bind/direction': Schemas['Entry.DirectionSeen'];
  'bind/reversed': Schemas['Entry.Reversed'];
  'bind/called': Schemas['Entry.CalledSeen'];
  'bind/output': Schemas['Entry.OutputSeen'];
  'bind/set': Schemas['Entry.RadioSet'];
  'bind/motor-wires': Schemas['Entry.MotorWiresChanged'];
  'bind/motor-turned': Schemas['Entry.MotorTurned'];
  'bind/stabiliser': Schemas['Entry.StabiliserSeen'];
  'bind/aligned': Schemas['Entry.Aligned'];
  'bind/stabiliser-told': Schemas['Entry.StabiliserTold'];
  'bind/stabiliser-mode': Schemas['Entry.ModeSeen'];
  'bind/stabiliser-reversed': Schemas['Entry.StabiliserReversed'];
  'bind/switch': Schemas['Entry.SwitchSet'];
  'bind/switch-tried': Schemas['Entry.SwitchTried'];
  'bind/ends': Schemas['Entry.EndsHeard'];
  'bind/cycled': Schemas['Entry.Cycled'];
  'bind/alarm': Schemas['Entry.AlarmHeard'];
  'bind/keyed': Schemas['Entry.Keyed'];
  'bind/act-opened': Schemas['Entry.ActOpened'];
  'bind/act-ended': Schemas['Entry.ActEnded'];
  'throws/read': Schemas['Entry.ThrowRead'];
  'throws/travel-set': Schemas['Entry.TravelSet'];
  'throws/freedom': Schemas['Entry.FreedomSeen'];
  'throws/neutral': Schemas['Entry.NeutralRead'];
  'throws/holes': Schemas['Entry.HolesSeen'];
  'throws/trim-set': Schemas['Entry.TrimSet'];
  'balance/weighed': Schemas['Entry.Weighed'];
  'balance/marks': Schemas['Entry.MarksSeen'];
  'balance/pack-moved': Schemas['Entry.PackMoved'];
  'balance/ballast': Schemas['Entry.BallastFitted'];
  'check/called': Schemas['Entry.CalledOut'];
  'check/answered': Schemas['Entry.CheckAnswered'];
  'check/full-power': Schemas['Entry.PowerRun'];
  'check/range': Schemas['Entry.RangeHeld'];
  'check/taxied': Schemas['Entry.Taxied'];
  'check/tried': Schemas['Entry.PropellerTried'];
  'check/field': Schemas['Entry.FieldSeen'];
  'check/flown': Schemas['Entry.Flown'];
  'handover/conceded': Schemas['Entry.Conceded'];
  'handover/released': Omit<Schemas['ReleasePost'], 'entryId' | 'observedAt' | 'expectedSeq' | 'look'>;
  'handover/sent': Schemas['Entry.RecordSent'];
  'handover/owner-answered': Schemas['Entry.OwnerAnswered'];
  'handover/reopened': Schemas['Entry.Reopened'];
  'job/retracted': Schemas['Entry.Retracted'];
};
export type EntryType = keyof Bodies;

type Facts = {
  /** Where it is posted. */
  door: '/api/jobs/{id}/entries' | '/api/jobs/{id}/release' | '/api/jobs/{id}/claims';
  /** On which screen it is recorded; null where on any. */
  stage: Schemas['Stage'] | null;
  /** Who may record it. */
  by: 'anybody' | 'bench' | 'lead';
  /** Whether it is decided on what is on the screen, and needs the server there and then. */
  decides: 'never' | 'always' | 'whenConnecting';
  /** Where what was typed stands in its body; 0 is any row of a list. */
  typed: readonly (readonly (string | 0)[])[];
};

export const ENTRIES: Readonly<Record<EntryType, Facts>> = {
  'receive/battery': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [
      ['battery', 'mass'],
      ['battery', 'length'],
      ['battery', 'width'],
      ['battery', 'height'],
      ['battery', 'cells'],
      ['battery', 'capacity'],
      ['battery', 'cRating'],
    ],
  },
  'receive/receiver': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [
      ['channels'],
      ['receiver', 'channels'],
      ['receiver', 'ports'],
      ['receiver', 'mass'],
      ['receiver', 'bindPort'],
    ],
  },
  'receive/promised': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'always', typed: [] },
  'receive/value-given': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'lead',
    decides: 'always',
    typed: [['value']],
  },
  'receive/sheet-moved': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'lead',
    decides: 'always',
    typed: [['revision']],
  },
  'receive/pack-brought': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [
      ['battery', 'mass'],
      ['battery', 'length'],
      ['battery', 'width'],
      ['battery', 'height'],
      ['battery', 'cells'],
      ['battery', 'capacity'],
      ['battery', 'cRating'],
    ],
  },
  'receive/pack-measured': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [['cells', 0]],
  },
  'receive/pack-chosen': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'always',
    typed: [],
  },
  'receive/servo': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [
      ['kind', 'torque'],
      ['kind', 'mass'],
      ['kind', 'length'],
      ['kind', 'width'],
      ['kind', 'height'],
      ['kind', 'working'],
      ['kind', 'stall'],
    ],
  },
  'receive/drive': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [
      ['kind', 'bears'],
      ['kind', 'motorCells'],
      ['kind', 'propellerMass'],
      ['kind', 'draw'],
      ['kind', 'rating'],
      ['kind', 'leastCells'],
      ['kind', 'mostCells'],
    ],
  },
  'receive/channels': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'never', typed: [] },
  'receive/carried': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'always', typed: [] },
  'receive/transmitter': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [['freeMemories']],
  },
  'receive/add-on': {
    door: '/api/jobs/{id}/entries',
    stage: 'receive',
    by: 'anybody',
    decides: 'never',
    typed: [['mass'], ['at']],
  },
  'receive/carton': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'never', typed: [] },
  'receive/supplier': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'never', typed: [] },
  'receive/box-photo': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'never', typed: [] },
  'receive/school': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'always', typed: [] },
  'receive/option': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'always', typed: [] },
  'receive/to-buy': { door: '/api/jobs/{id}/entries', stage: 'receive', by: 'anybody', decides: 'never', typed: [] },
  'unpack/papers': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'anybody', decides: 'never', typed: [] },
  'unpack/paper-photo': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'anybody', decides: 'never', typed: [] },
  'unpack/counted': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [['delta']],
  },
  'unpack/count-set': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'always',
    typed: [['count']],
  },
  'unpack/bag-counted': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'anybody', decides: 'never', typed: [] },
  'unpack/wrong': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [['quantity']],
  },
  'unpack/extra': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [['quantity']],
  },
  'unpack/finding': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [['size'], ['x'], ['y']],
  },
  'unpack/erratum': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'bench', decides: 'never', typed: [] },
  'unpack/disposition': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'bench', decides: 'always', typed: [] },
  'unpack/repaired': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'bench',
    decides: 'never',
    typed: [['benchCelsius'], ['grams']],
  },
  'unpack/reinspected': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'bench', decides: 'never', typed: [] },
  'unpack/wrong-counted': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [['delta']],
  },
  'unpack/paper-elsewhere': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [],
  },
  'unpack/substitute': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'bench',
    decides: 'never',
    typed: [['quantity'], ['diameter'], ['length'], ['stack'], ['depth']],
  },
  'unpack/walked': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'bench', decides: 'never', typed: [] },
  'unpack/photo': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'anybody', decides: 'never', typed: [] },
  'unpack/origin': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'anybody', decides: 'always', typed: [] },
  'unpack/regraded': { door: '/api/jobs/{id}/entries', stage: 'unpack', by: 'lead', decides: 'always', typed: [] },
  'unpack/claim-sent': { door: '/api/jobs/{id}/claims', stage: 'unpack', by: 'anybody', decides: 'always', typed: [] },
  'unpack/claim-posted': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [],
  },
  'unpack/claim-answered': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [],
  },
  'unpack/parts-arrived': {
    door: '/api/jobs/{id}/entries',
    stage: 'unpack',
    by: 'anybody',
    decides: 'never',
    typed: [],
  },
  'build/step-started': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/step-done': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'bench',
    decides: 'never',
    typed: [['benchCelsius'], ['grams']],
  },
  'build/answered': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/true-read': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'bench',
    decides: 'never',
    typed: [['first'], ['second'], ['apart']],
  },
  'build/marked': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [['at']] },
  'build/left-over': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/glue-opened': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'bench',
    decides: 'never',
    typed: [['benchCelsius']],
  },
  'build/glue-acted': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/step-paused': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/step-resumed': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/minutes': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'bench',
    decides: 'never',
    typed: [['minutes']],
  },
  'build/servo-stood': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/step-added': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'lead',
    decides: 'always',
    typed: [['minutes'], ['grams']],
  },
  'build/step-moved': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'lead', decides: 'always', typed: [] },
  'build/step-skipped': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'lead', decides: 'always', typed: [] },
  'build/step-split': {
    door: '/api/jobs/{id}/entries',
    stage: 'build',
    by: 'lead',
    decides: 'always',
    typed: [['minutes']],
  },
  'build/step-put-back': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'lead', decides: 'always', typed: [] },
  'build/step-handled': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/cure-began': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'lead', decides: 'always', typed: [] },
  'build/lamps': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'whenConnecting', typed: [] },
  'build/propeller': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/pack': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'whenConnecting', typed: [] },
  'build/transmitter': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/step-undone': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/loop-opened': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/loop-closed': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'build/linkage-moved': { door: '/api/jobs/{id}/entries', stage: 'build', by: 'bench', decides: 'never', typed: [] },
  'wire/map-laid': {
    door: '/api/jobs/{id}/entries',
    stage: 'wire',
    by: 'bench',
    decides: 'never',
    typed: [['plugs', 0, 'port']],
  },
  'wire/plugged': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [] },
  'wire/pulled': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [] },
  'wire/turned': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [] },
  'wire/mended': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [['adds']] },
  'wire/device': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [] },
  'wire/connector': { door: '/api/jobs/{id}/entries', stage: 'wire', by: 'bench', decides: 'never', typed: [] },
  'wire/answered': {
    door: '/api/jobs/{id}/entries',
    stage: 'wire',
    by: 'bench',
    decides: 'never',
    typed: [['measured']],
  },
  'bind/bound': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [['mode']] },
  'bind/failed': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/memory': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/cut-proven': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/controller': {
    door: '/api/jobs/{id}/entries',
    stage: 'bind',
    by: 'bench',
    decides: 'never',
    typed: [['cutOff']],
  },
  'bind/plugs-swapped': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/failsafe': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/direction': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/reversed': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/called': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/output': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [['seconds']] },
  'bind/set': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/motor-wires': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/motor-turned': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/stabiliser': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/aligned': {
    door: '/api/jobs/{id}/entries',
    stage: 'bind',
    by: 'bench',
    decides: 'never',
    typed: [['seconds']],
  },
  'bind/stabiliser-told': {
    door: '/api/jobs/{id}/entries',
    stage: 'bind',
    by: 'bench',
    decides: 'never',
    typed: [['told', 0, 'count']],
  },
  'bind/stabiliser-mode': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/stabiliser-reversed': {
    door: '/api/jobs/{id}/entries',
    stage: 'bind',
    by: 'bench',
    decides: 'never',
    typed: [],
  },
  'bind/switch': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/switch-tried': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/ends': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/cycled': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/alarm': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/keyed': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/act-opened': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'bind/act-ended': { door: '/api/jobs/{id}/entries', stage: 'bind', by: 'bench', decides: 'never', typed: [] },
  'throws/read': {
    door: '/api/jobs/{id}/entries',
    stage: 'throws',
    by: 'bench',
    decides: 'never',
    typed: [['readings', 0], ['travel']],
  },
  'throws/travel-set': {
    door: '/api/jobs/{id}/entries',
    stage: 'throws',
    by: 'bench',
    decides: 'never',
    typed: [['percent']],
  },
  'throws/freedom': { door: '/api/jobs/{id}/entries', stage: 'throws', by: 'bench', decides: 'never', typed: [] },
  'throws/neutral': {
    door: '/api/jobs/{id}/entries',
    stage: 'throws',
    by: 'bench',
    decides: 'never',
    typed: [['offset']],
  },
  'throws/holes': { door: '/api/jobs/{id}/entries', stage: 'throws', by: 'bench', decides: 'never', typed: [] },
  'throws/trim-set': { door: '/api/jobs/{id}/entries', stage: 'throws', by: 'bench', decides: 'never', typed: [] },
  'balance/weighed': {
    door: '/api/jobs/{id}/entries',
    stage: 'balance',
    by: 'bench',
    decides: 'never',
    typed: [
      ['supports', 0, 'x'],
      ['supports', 0, 'y'],
      ['supports', 0, 'reading'],
      ['packFront'],
      ['pitch'],
      ['height'],
    ],
  },
  'balance/marks': {
    door: '/api/jobs/{id}/entries',
    stage: 'balance',
    by: 'bench',
    decides: 'never',
    typed: [['packFront']],
  },
  'balance/pack-moved': {
    door: '/api/jobs/{id}/entries',
    stage: 'balance',
    by: 'bench',
    decides: 'never',
    typed: [['packFront']],
  },
  'balance/ballast': {
    door: '/api/jobs/{id}/entries',
    stage: 'balance',
    by: 'bench',
    decides: 'never',
    typed: [['pieces']],
  },
  'check/called': { door: '/api/jobs/{id}/entries', stage: 'check', by: 'bench', decides: 'never', typed: [] },
  'check/answered': { door: '/api/jobs/{id}/entries', stage: 'check', by: 'bench', decides: 'never', typed: [] },
  'check/full-power': {
    door: '/api/jobs/{id}/entries',
    stage: 'check',
    by: 'bench',
    decides: 'never',
    typed: [['amps'], ['volts'], ['seconds'], ['each', 0, 'amps']],
  },
  'check/range': { door: '/api/jobs/{id}/entries', stage: 'check', by: 'bench', decides: 'never', typed: [['metres']] },
  'check/taxied': { door: '/api/jobs/{id}/entries', stage: 'check', by: 'bench', decides: 'never', typed: [] },
  'check/tried': {
    door: '/api/jobs/{id}/entries',
    stage: 'check',
    by: 'bench',
    decides: 'never',
    typed: [['trial'], ['radius'], ['tapeAt'], ['shakes', 0]],
  },
  'check/field': { door: '/api/jobs/{id}/entries', stage: 'check', by: 'bench', decides: 'never', typed: [['metres']] },
  'check/flown': {
    door: '/api/jobs/{id}/entries',
    stage: 'check',
    by: 'bench',
    decides: 'never',
    typed: [['trims', 0, 'offset']],
  },
  'handover/conceded': { door: '/api/jobs/{id}/entries', stage: 'handOver', by: 'lead', decides: 'always', typed: [] },
  'handover/released': { door: '/api/jobs/{id}/release', stage: 'handOver', by: 'bench', decides: 'always', typed: [] },
  'handover/sent': { door: '/api/jobs/{id}/entries', stage: 'handOver', by: 'anybody', decides: 'never', typed: [] },
  'handover/owner-answered': {
    door: '/api/jobs/{id}/entries',
    stage: 'handOver',
    by: 'anybody',
    decides: 'never',
    typed: [],
  },
  'handover/reopened': { door: '/api/jobs/{id}/entries', stage: 'handOver', by: 'bench', decides: 'always', typed: [] },
  'job/retracted': { door: '/api/jobs/{id}/entries', stage: null, by: 'anybody', decides: 'always', typed: [] },
};

/** The ten stages, in the order the work is done. */
export const STAGES = [
  { stage: 'receive', key: 'receive', title: 'Receive' },
  { stage: 'unpack', key: 'unpack', title: 'Unpack' },
  { stage: 'plan', key: 'plan', title: 'Plan' },
  { stage: 'build', key: 'build', title: 'Build' },
  { stage: 'wire', key: 'wire', title: 'Wire' },
  { stage: 'bind', key: 'bind', title: 'Bind' },
  { stage: 'throws', key: 'throws', title: 'Throws' },
  { stage: 'balance', key: 'balance', title: 'Balance' },
  { stage: 'check', key: 'check', title: 'Check' },
  { stage: 'handOver', key: 'handover', title: 'Hand over' },
] as const;

/** What people read for the names in entries and views. */
export const WORDS = {
  stage: {
    receive: 'Receive',
    unpack: 'Unpack',
    plan: 'Plan',
    build: 'Build',
    wire: 'Wire',
    bind: 'Bind',
    throws: 'Throws',
    balance: 'Balance',
    check: 'Check',
    handOver: 'Hand over',
  },
  role: { technician: 'technician', lead: 'lead', counter: 'counter' },
  carton: {
    notLooked: 'not looked at',
    sound: 'sound',
    scuffed: 'scuffed',
    crushed: 'crushed',
    torn: 'torn',
    wet: 'wet',
  },
  addOnState: { recorded: 'recorded', tested: 'tested', notConnected: 'not connected' },
  carriage: { notSaid: 'not said', whole: 'whole', parted: 'parted', boxed: 'in its box' },
  buyState: { open: 'to buy', ordered: 'ordered', here: 'here', notNeeded: 'not needed' },
  countStanding: {
    notCounted: 'not counted',
    allHere: 'all here',
    missing: 'missing',
    extra: 'more than listed',
    wrong: 'wrong',
  },
  walkAnswer: { sound: 'sound', finding: 'a finding', notFitted: 'not fitted' },
  placeKind: {
    hinge: 'hinge',
    spar: 'spar',
    joint: 'joint',
    horn: 'horn',
    linkage: 'linkage',
    servo: 'servo',
    motorMount: 'motor mount',
    propeller: 'propeller',
    gearRetention: 'gear retention',
    receiverPower: 'receiver power',
    skin: 'skin',
    canopy: 'canopy',
    scalePart: 'scale part',
    decal: 'decal',
    motor: 'motor',
    lead: 'lead',
    light: 'light',
  },
  findingKind: {
    crack: 'crack',
    crush: 'crush',
    crease: 'crease',
    dent: 'dent',
    parting: 'parting',
    loose: 'loose',
    bent: 'bent',
    scuff: 'scuff',
    twisted: 'twist',
    stiff: 'stiff movement',
    rough: 'rough running',
    binding: 'binding',
    tacky: 'tacky paint',
    dead: 'no answer',
    outOfHousing: 'contact out of its housing',
    missingScrew: 'missing screw',
    assembledWrongly: 'wrong assembly',
    gap: 'gap',
  },
  grade: {
    cosmetic: 'cosmetic',
    functional: 'functional',
    structural: 'structural',
    flightCritical: 'flight-critical',
  },
  origin: { transport: 'transport', factory: 'factory', shop: 'shop' },
  disposition: { repair: 'repair', replace: 'replace', useAsIs: 'use as it is', return: 'return' },
  claimAnswerKind: {
    accepted: 'accepted',
    partlyAccepted: 'accepted in part',
    refused: 'refused',
    askedForMore: 'asked for more',
  },
  drawingSide: {
    plan: 'seen from above, nose up',
    below: 'seen from below: left and right change sides',
    side: 'seen from its left, nose to the left',
  },
  linkagePart: {
    pushrod: 'pushrod',
    clevis: 'clevis',
    hornHole: 'horn hole',
    armHole: 'servo arm hole',
    armSide: 'servo arm side',
    armSpline: 'servo arm spline',
  },
  loopKind: {
    leadMovedForBinding: 'a lead moved for binding',
    trialWeight: 'a trial weight fitted',
    trayOut: 'the tray out',
    gainRaised: 'gain raised for a test',
    other: 'something else',
    stabiliserBypassed: 'stabiliser by-passed',
    plugLeftOff: 'a plug left off',
    heldByTape: 'held by tape only',
    dropped: 'dropped, not found',
  },
  adhesiveKind: {
    epoxy: 'epoxy',
    contact: 'contact',
    instant: 'instant',
    wood: 'wood',
    canopy: 'canopy',
    hotMelt: 'hot melt',
    expanding: 'expanding',
    bead: 'removable bead',
    tape: 'tape',
    solvent: 'solvent',
    threadLock: 'thread-lock',
    other: 'other',
  },
  turnedBy: {
    armSide: 'rod on the other side of the arm',
    inLineReverser: 'a reverser in its lead',
    reversedServo: 'a reversed servo',
  },
  heldBy: { strap: 'strap', bead: 'bead', screws: 'screws', tape: 'tape', pressFit: 'a press fit alone' },
  leadWork: {
    spliced: 'cut and spliced',
    lengthened: 'lengthened',
    plugAnew: 'a plug put on anew',
    contactOpened: 'a tight contact opened up',
  },
  wireColour: {
    white: 'white',
    yellow: 'yellow',
    orange: 'orange',
    red: 'red',
    brown: 'brown',
    black: 'black',
    grey: 'grey',
    blue: 'blue',
  },
  movement: { up: 'up', down: 'down', right: 'right', left: 'left', out: 'out', none: 'did not move', in: 'in' },
  markAnswer: { noseDrops: 'nose drops', noseLow: 'a little nose-low', level: 'level', tailDrops: 'tail drops' },
  acrossAnswer: { level: 'hangs level', leftDrops: 'the left wing drops', rightDrops: 'the right wing drops' },
  failsafeBehaviour: {
    asDeclared: 'as declared',
    motorRuns: 'motor runs',
    surfacesDiffer: 'surfaces differ',
    surfacesHardOver: 'surfaces go hard over',
  },
  bindCause: {
    tooNear: 'transmitter too near, or metal between',
    wrongPlug: 'plug in the wrong port or way round, button not held long enough',
    batteryLow: 'transmitter or receiver short of volts',
    protocol: 'another protocol, region or receiver number set',
    receiver: 'receiver bound to another transmitter, or dead',
  },
  cutSeen: { still: 'every shaft still', turned: 'a motor turned' },
  alarmKind: { timer: 'timer', cell: 'cell alarm' },
  switchAt: { away: 'away', middle: 'middle', towards: 'towards you' },
  attitude: { asItFlies: 'held up as it flies', onItsBack: 'on its back', onItsSide: 'on its side' },
  motorTurn: { asItShould: 'as it should', theOtherWay: 'the other way', notAtAll: 'not at all' },
  calledAnswer: { asExpected: 'as expected', wrong: 'wrong', nothing: 'nothing moved' },
  radioSetting: {
    mix: 'mix',
    expo: 'expo',
    throttleCut: 'throttle cut',
    stabiliserGain: 'stabiliser gain',
    surfaceCount: 'surface count of the stabiliser',
  },
  throwMeasure: { uprightRuler: 'upright ruler', straightRuler: 'straight ruler', angle: 'angle' },
  flagAnswer: { corrected: 'corrected', asPrinted: 'as printed', confirmedWithMaker: 'confirmed with the maker' },
} as const;
