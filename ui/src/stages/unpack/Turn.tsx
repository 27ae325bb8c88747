import type { Schemas } from '../../api/client';
import { type Side, SIDES } from './places';

const TO: Record<Side, string> = { plan: 'From above', below: 'Turn over', side: 'From its left' };

/** Turns the aircraft on the mat to the next side, and says which findings lie where they are not seen now. */
export function Turn({
  side,
  findings,
  onTurn,
}: {
  side: Side;
  findings: readonly Schemas['FindingMark'][];
  onTurn: (to: Side) => void;
}) {
  const next = SIDES[(SIDES.indexOf(side) + 1) % SIDES.length]!;
  const hidden = findings.filter((f) => f.view !== side && !f.cleared);
  return (
    <button
      type="button"
      className="button absolute top-3 right-4 px-4 phone:top-1 phone:right-1 phone:px-2 leading-tight"
      onClick={() => onTurn(next)}
    >
      {TO[next]}
      {hidden.length > 0 && (
        <span className="block text-[14px] text-red phone:hidden">
          {hidden.length > 3 ? `${hidden.length} findings` : hidden.map((f) => f.tag).join(', ')} not seen from here
        </span>
      )}
    </button>
  );
}
