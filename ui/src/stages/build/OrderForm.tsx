import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

type Step = Schemas['StepView'];
type Act = 'move' | 'skip' | 'split' | 'add';

const ACTS: [Act, string][] = [
  ['move', 'move it after'],
  ['skip', 'leave it out'],
  ['split', 'split it in two'],
  ['add', 'add a step after it'],
];

/** A lead does this step otherwise than the page, with a reason that stays in the record. */
export function OrderForm({ step, steps, recorder }: { step: Step; steps: readonly Step[]; recorder: Recorder }) {
  const [open, setOpen] = useState(false);
  const [act, setAct] = useState<Act>('move');
  const [after, setAfter] = useState('');
  const [title, setTitle] = useState('');
  const [minutes, setMinutes] = useState('10');
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="mr-6 min-h-[44px] text-[15px] text-pencil underline"
        onClick={() => setOpen(true)}
      >
        another order
      </button>
    );
  const long = Number(minutes.replace(',', '.')) || 0;
  const say = async () => {
    const done =
      act === 'move'
        ? await recorder.record('build/step-moved', { step: step.id, after, reason })
        : act === 'skip'
          ? await recorder.record('build/step-skipped', { step: step.id, reason })
          : act === 'split'
            ? await recorder.record('build/step-split', { step: step.id, rest: title, minutes: long, reason })
            : await recorder.record('build/step-added', { title, minutes: long, reason, after: step.id });
    if (done) setOpen(false);
  };
  return (
    <div role="group" aria-label="Another order" className="my-2 border-l-[6px] border-steel px-3 pb-2">
      <div className="flex flex-wrap items-end gap-2">
        <label className="min-w-[150px] flex-1 text-[14px] text-pencil">
          this step
          <select className="field text-[16px]" value={act} onChange={(e) => setAct(e.target.value as Act)}>
            {ACTS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
        {act === 'move' && (
          <label className="min-w-[160px] flex-1 text-[14px] text-pencil">
            after
            <select className="field text-[16px]" value={after} onChange={(e) => setAfter(e.target.value)}>
              <option value="">nothing, it can be done at once</option>
              {steps
                .filter((s) => s.id !== step.id)
                .map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.title}
                  </option>
                ))}
            </select>
          </label>
        )}
        {(act === 'split' || act === 'add') && (
          <>
            <label className="min-w-[150px] flex-1 text-[14px] text-pencil">
              {act === 'split' ? 'what its second part is' : 'what is done'}
              <input className="field text-[16px]" value={title} onChange={(e) => setTitle(e.target.value)} />
            </label>
            <label className="w-[84px] text-[14px] text-pencil">
              minutes
              <input
                className="field text-[16px]"
                inputMode="decimal"
                value={minutes}
                onChange={(e) => setMinutes(e.target.value)}
              />
            </label>
          </>
        )}
      </div>
      <label className="block pt-1 text-[14px] text-pencil">
        why
        <input className="field text-[16px]" value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
      <div className="flex gap-2 pt-2">
        <button type="button" className="button" onClick={() => setOpen(false)}>
          Not now
        </button>
        <button
          type="button"
          className="button dark flex-1"
          disabled={!reason.trim() || recorder.busy}
          onClick={() => void say()}
        >
          Do it so
        </button>
      </div>
    </div>
  );
}
