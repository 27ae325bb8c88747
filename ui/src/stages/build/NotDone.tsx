import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** A step tapped done by a slip is under way again; what it disturbed stays disturbed. */
export function NotDone({ step, recorder }: { step: Schemas['StepView']; recorder: Recorder }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="mr-6 min-h-[44px] text-[15px] text-pencil underline"
        onClick={() => setOpen(true)}
      >
        not done after all
      </button>
    );
  return (
    <div className="flex gap-2 pt-2">
      <input
        className="field min-w-0 flex-1"
        aria-label="What is not done"
        placeholder="what is not done"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <button
        type="button"
        className="button dark"
        disabled={!reason.trim()}
        onClick={() => void recorder.record('build/step-undone', { step: step.id, reason })}
      >
        Not done
      </button>
    </div>
  );
}
