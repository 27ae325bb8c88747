import type { Schemas } from '../../api/client';

export type Movement = Schemas['Movement'];
/** What was tapped, by surface. */
export type Seen = Partial<Record<string, Movement>>;

const PAIRS: Partial<Record<Movement, readonly [Movement, Movement]>> = {
  up: ['up', 'down'],
  down: ['up', 'down'],
  left: ['left', 'right'],
  right: ['left', 'right'],
  out: ['out', 'in'],
  in: ['out', 'in'],
};

/** The answers for a surface that goes one of these ways: what stands above it, and what below. */
export function waysOf(movement: Movement): [Movement | undefined, Movement[]] {
  const pair = PAIRS[movement] ?? ['up', 'down'];
  return pair[0] === 'left' ? [undefined, [...pair]] : [pair[0], [pair[1]]];
}

/** All answers for it, in the order they are read. */
export const answersOf = (movement: Movement): Movement[] => [...(PAIRS[movement] ?? ['up', 'down']), 'none'];
