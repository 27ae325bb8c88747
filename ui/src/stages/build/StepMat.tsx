import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Drawing } from '../../shared/Drawing';
import { Faces } from './Faces';
import { InHand, SmallHand, useInHand } from './InHand';
import { closer, Lines } from './Lines';

type Step = Schemas['StepView'];

/**
 * The mat of a step: its parts as they are held, with the whole aircraft beside them where they light up; what is marked
 * out lies on the whole, near. Either comes to the front by a press on the smaller one.
 */
export function StepMat({ job, step, bottom }: { job: Schemas['JobView']; step: Step | undefined; bottom: number }) {
  const hand = useInHand(job.id, step);
  const [turned, setTurned] = useState<string>();
  const inHand = hand && hand.parts.length > 0 ? hand : undefined;
  const marks = step?.asks.some((a) => a.measure?.mark) ?? false;
  const parts = inHand && marks === (turned === step?.id);
  return (
    <>
      {parts ? (
        <InHand hand={inHand} pad={{ top: 74, bottom: bottom + 40, left: 30, right: 30 }} />
      ) : (
        <Drawing
          drawing={closer(job.drawing, step)}
          mode="fit"
          highlight={new Set(step?.lit)}
          over={(px) => step && step.standing !== 'waitsFor' && <Lines step={step} px={px} />}
          foot="dotted not fitted · nose up, seen from above"
          {...(bottom > 0 && { pad: { top: 84, bottom: bottom + 48 } })}
        />
      )}
      {step && <Faces step={step} above={bottom + 52} />}
      {step && inHand && (
        <button
          type="button"
          aria-label={parts ? 'whole aircraft' : 'parts in hand'}
          className="absolute top-3 right-3 border-2 border-ink bg-paper p-1 text-[14px] phone:hidden"
          onClick={() => setTurned(turned === step.id ? undefined : step.id)}
        >
          {parts ? <Whole job={job} step={step} /> : <SmallHand hand={inHand} width={150} height={104} />}
          <span className="block">{parts ? 'whole aircraft' : 'parts in hand'}</span>
        </button>
      )}
    </>
  );
}

/** Where on the whole aircraft the parts lie, and along which lines it is measured. */
function Whole({ job, step }: { job: Schemas['JobView']; step: Step }) {
  const [width, height] = [150, 104];
  const d = job.drawing;
  const px = Math.max(d.width / width, d.height / height);
  const lit = new Set(step.lit);
  return (
    <svg
      aria-hidden
      width={width}
      height={height}
      viewBox={`${d.left + d.width / 2 - (width / 2) * px} ${d.top - 2 * px} ${width * px} ${d.height + 4 * px}`}
    >
      {d.parts
        .filter((p) => lit.has(p.id) || (p.kind !== 'hidden' && p.kind !== 'place'))
        .map((p) => (
          <path
            key={p.id}
            d={p.path}
            fill={lit.has(p.id) ? 'var(--tape)' : 'var(--paper)'}
            stroke="var(--ink)"
            strokeWidth={(lit.has(p.id) ? 2 : 1) * px}
            strokeDasharray={p.ink === 'notFitted' && !lit.has(p.id) ? `${1 * px} ${2.6 * px}` : undefined}
          />
        ))}
      {step.standing !== 'waitsFor' && <Lines step={step} px={px} />}
    </svg>
  );
}
