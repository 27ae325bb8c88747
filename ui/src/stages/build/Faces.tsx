import type { Schemas } from '../../api/client';

/**
 * Which faces of the parts in hand are coated, on the left of the drawing they light up on, and which stay free of glue,
 * on its right.
 */
export function Faces({ step, above }: { step: Schemas['StepView']; above: number }) {
  if (step.standing !== 'underWay' && step.standing !== 'canStart') return null;
  return (
    <>
      <Named faces={step.coat} words="glue" side="left-[18px] border-tape" above={above} />
      <Named faces={step.keepClear} words="keep clear" side="right-[18px] border-red-mat text-red-mat" above={above} />
    </>
  );
}

function Named(props: { faces: readonly string[]; words: string; side: string; above: number }) {
  const { faces, words, side, above } = props;
  if (faces.length === 0) return null;
  return (
    <div
      className={`pointer-events-none absolute w-fit max-w-[180px] border-l-[6px] pl-2 text-[15px] leading-tight phone:hidden ${side}`}
      style={{ bottom: above }}
    >
      <strong>{words}</strong>
      <ul className="text-line">
        {faces.map((f) => (
          <li key={f}>{f}</li>
        ))}
      </ul>
    </div>
  );
}
