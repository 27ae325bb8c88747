import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** The last time before now at which a clock showed this; null for what is no time. */
function lastAt(time: string, now: number): Date | null {
  const [hours, minutes] = time.split(':').map(Number);
  if (hours === undefined || minutes === undefined || Number.isNaN(hours) || Number.isNaN(minutes)) return null;
  const at = new Date(now);
  at.setHours(hours, minutes, 0, 0);
  if (at.getTime() > now) at.setDate(at.getDate() - 1);
  return at;
}

/** A lead knows that a joint was closed before the server heard of it. */
export function ClosedEarlier({ step, recorder, now }: { step: Schemas['StepView']; recorder: Recorder; now: number }) {
  const [open, setOpen] = useState(false);
  const [time, setTime] = useState('');
  const [reason, setReason] = useState('');
  if (!open) {
    return (
      <button type="button" className="min-h-[44px] text-[15px] underline" onClick={() => setOpen(true)}>
        closed earlier than recorded
      </button>
    );
  }
  const at = lastAt(time, now);
  const say = async () => {
    if (!at) return;
    const ok = await recorder.record('build/cure-began', { step: step.id, at: at.toISOString(), reason });
    if (ok) setOpen(false);
  };
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2 border-t border-steel pt-2">
      <label className="w-[152px] text-[14px] text-pencil">
        closed at
        <input type="time" className="field text-[17px]" value={time} onChange={(e) => setTime(e.target.value)} />
      </label>
      <label className="min-w-[160px] flex-1 text-[14px] text-pencil">
        how that is known
        <input className="field text-[17px]" value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
      <button
        type="button"
        className="button dark font-bold"
        disabled={!at || recorder.busy}
        onClick={() => void say()}
      >
        Cures from then
      </button>
    </div>
  );
}
