import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** A joint handled before its glue can bear it: with a reason, and pulled once it has set. */
export function Early({ step, recorder }: { step: Schemas['StepView']; recorder: Recorder }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="mr-6 min-h-[44px] text-[15px] text-pencil underline"
        onClick={() => setOpen(true)}
      >
        handled before it can be
      </button>
    );
  return (
    <div className="flex gap-2 pt-2">
      <input
        className="field min-w-0 flex-1"
        aria-label="Why it is handled early"
        placeholder="why; it is pulled once it has set"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <button
        type="button"
        className="button dark"
        disabled={!reason.trim() || recorder.busy}
        onClick={() => void recorder.record('build/step-handled', { step: step.id, reason })}
      >
        Handled early
      </button>
    </div>
  );
}
