import type { Schemas } from '../../api/client';

/**
 * Which faces of the parts in hand are coated, over the drawing they light up on, and which stay free of glue, under it.
 */
export function Faces({ step, above }: { step: Schemas['StepView']; above: number }) {
  if (step.standing !== 'underWay' && step.standing !== 'canStart') return null;
  return (
    <>
      <Named faces={step.coat} words="glue" look="left-[18px] border-tape" at={{ top: 76 }} />
      <Named
        faces={step.keepClear}
        words="keep clear"
        look="right-[18px] border-red-mat text-red-mat"
        at={{ bottom: above }}
      />
    </>
  );
}

function Named(props: {
  faces: readonly string[];
  words: string;
  look: string;
  at: { top?: number; bottom?: number };
}) {
  const { faces, words, look, at } = props;
  if (faces.length === 0) return null;
  return (
    <div
      className={`pointer-events-none absolute w-fit max-w-[180px] border-l-[6px] pl-2 text-[15px] leading-tight phone:hidden ${look}`}
      style={at}
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
