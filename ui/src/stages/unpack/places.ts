import type { Schemas } from '../../api/client';

export type Side = Schemas['DrawingSide'];

/** How the aircraft lies on the mat, in the order it is turned. */
export const SIDES: readonly Side[] = ['plan', 'below', 'side'];

/** A place tapped on the drawing, as the aircraft has it: x aft; y to the right wing, or up on a side view. */
export const onAircraft = (side: Side, across: number, down: number) =>
  side === 'side'
    ? { x: Math.round(across), y: Math.round(-down) }
    : { x: Math.round(down), y: Math.round(side === 'below' ? -across : across) };

/** And back, as the drawing has it. */
export const onDrawing = (side: Side, x: number, y: number) =>
  side === 'side' ? { across: x, down: -y } : { across: side === 'below' ? -y : y, down: x };
