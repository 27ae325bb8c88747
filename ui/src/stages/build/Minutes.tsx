import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useServerNow } from '../../api/queries';
import type { Recorder } from './entries';

type Step = Schemas['StepView'];

/** Minutes of hands, recorded by themselves: hands off and on again, put right, and who helped. */
export function Minutes({ step, recorder, now }: { step: Step; recorder: Recorder; now: string }) {
  const at = useServerNow(now, 15_000);
  const [open, setOpen] = useState(false);
  const [minutes, setMinutes] = useState('');
  const [helper, setHelper] = useState(step.with);
  const read = new Date(now).getTime();
  const worked = step.minutes + (step.running ? Math.max(0, at - read) / 60_000 : 0);
  const say = async () => {
    const value = minutes.trim() ? Number(minutes.replace(',', '.')) : Math.round(worked);
    if (await recorder.record('build/minutes', { step: step.id, minutes: value, with: helper })) setOpen(false);
  };
  return (
    <div className="mt-3 border-t border-steel pt-1 text-[16px] text-pencil">
      <div className="flex min-h-[44px] items-center gap-4">
        <span className="min-w-0 flex-1">
          {Math.round(worked)} min of hands{step.running ? '' : step.standing === 'underWay' ? ', hands off' : ''}
          {step.with && `, with ${step.with}`}
        </span>
        {step.standing === 'underWay' && (
          <button
            type="button"
            className="button"
            onClick={() =>
              void (step.running
                ? recorder.record('build/step-paused', { step: step.id })
                : recorder.record('build/step-resumed', { step: step.id }))
            }
          >
            {step.running ? 'Hands off' : 'Hands on'}
          </button>
        )}
        <button type="button" className="min-h-[44px] underline" onClick={() => setOpen(!open)}>
          put right
        </button>
      </div>
      {open && (
        <div className="flex items-end gap-2">
          <label className="w-[96px] text-[14px]">
            minutes
            <input
              className="field text-[16px]"
              inputMode="decimal"
              placeholder={String(Math.round(worked))}
              value={minutes}
              onChange={(e) => setMinutes(e.target.value)}
            />
          </label>
          <label className="min-w-0 flex-1 text-[14px]">
            who helped
            <input className="field text-[16px]" value={helper} onChange={(e) => setHelper(e.target.value)} />
          </label>
          <button type="button" className="button dark" onClick={() => void say()}>
            So it was
          </button>
        </div>
      )}
    </div>
  );
}
