/** The ten stages, in the order the work is done. */
export const STAGE_KEYS = [
  'receive',
  'unpack',
  'plan',
  'build',
  'wire',
  'bind',
  'throws',
  'balance',
  'check',
  'handover',
] as const;
export type StageKey = (typeof STAGE_KEYS)[number];
