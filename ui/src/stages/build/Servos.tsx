import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** Reference before linkage: servos that have to stand where they are set, trims and sub-trims at zero. */
export function Servos({ step, recorder }: { step: Schemas['StepView']; recorder: Recorder }) {
  const stood = async (servos: Schemas['StepView']['servos'], by: 'radio' | 'tester') => {
    for (const servo of servos) {
      if (!(await recorder.record('build/servo-stood', { servo: servo.id, by, trimsZero: true }))) return;
    }
  };
  return (
    <section aria-label="Servos first" className="mt-3 border-t-2 border-ink pt-1">
      <h3 className="text-[15px] text-pencil">First each servo stands at its reference, trims and sub-trims zero</h3>
      <ul>
        {step.servos.map((s) => (
          <li key={s.id} className="flex min-h-[52px] items-center gap-2 border-b border-steel text-[17px]">
            <span className="min-w-0 flex-1">
              {s.name}: <strong>{s.at}</strong>
            </span>
            <button
              type="button"
              className="button"
              aria-label={`${s.name} stood at ${s.at}, by radio`}
              onClick={() => void stood([s], 'radio')}
            >
              by radio
            </button>
            <button
              type="button"
              className="button"
              aria-label={`${s.name} stood at ${s.at}, by tester`}
              onClick={() => void stood([s], 'tester')}
            >
              by tester
            </button>
          </li>
        ))}
      </ul>
      {step.servos.length > 1 && (
        <button
          type="button"
          className="button mt-2 w-full"
          disabled={recorder.busy}
          onClick={() => void stood(step.servos, 'tester')}
        >
          All {step.servos.length} stood, by tester, nothing left on the trims
        </button>
      )}
    </section>
  );
}
