import type { Schemas } from '../api/client';

/** The state of power a step is done in, and the motors it makes ready from its start: wherever a step is begun. */
export function StepPower({ step }: { step: Schemas['StepView'] }) {
  return (
    <>
      {step.power && <p className="pt-2 text-[16px]">Power: {step.power}.</p>}
      {step.readies.length > 0 && (
        <p className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
          <strong>Ready to turn.</strong> From its start{' '}
          {step.readies.length > 1 ? 'these motors count' : 'this motor counts'} as ready: {step.readies.join(', ')}.
        </p>
      )}
    </>
  );
}
