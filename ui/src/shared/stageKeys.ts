import type { Schemas } from '../api/client';
import { STAGES } from '../api/contract';

export type StageKey = (typeof STAGES)[number]['key'];

/** The ten stages as addresses have them, in the order the work is done. */
export const STAGE_KEYS: readonly StageKey[] = STAGES.map((s) => s.key);

const KEYS = Object.fromEntries(STAGES.map((s) => [s.stage, s.key])) as Record<Schemas['Stage'], StageKey>;

/** Where a stage of a job is found. */
export const toStage = (job: string, stage: Schemas['Stage']) => `/jobs/${job}/${KEYS[stage]}`;
