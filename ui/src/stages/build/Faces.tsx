import type { Schemas } from '../../api/client';

/** Which faces of the parts in hand are coated, and which stay free of glue, beside the drawing they light up on. */
export function Faces({ step, above }: { step: Schemas['StepView']; above: number }) {
  if (step.coat.length + step.keepClear.length === 0) return null;
  if (step.standing !== 'underWay' && step.standing !== 'canStart') return null;
  return (
    <div
      className="pointer-events-none absolute left-[18px] w-[180px] text-[15px] leading-tight phone:hidden"
      style={{ bottom: above }}
    >
      {step.coat.map((c) => (
        <p key={c} className="mt-2 border-l-[6px] border-tape bg-mat pl-2">
          <strong className="block">glue</strong>
          {c}
        </p>
      ))}
      {step.keepClear.map((c) => (
        <p key={c} className="mt-2 border-l-[6px] border-red-mat bg-mat pl-2">
          <strong className="block text-red-mat">keep clear</strong>
          {c}
        </p>
      ))}
    </div>
  );
}
