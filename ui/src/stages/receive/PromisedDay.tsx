import { useState } from 'react';
import { day } from '../../shared/time';

/** Another day than the one promised, with the reason the owner is told. */
export function PromisedDay({
  promised,
  onPromise,
}: {
  promised: string;
  onPromise: (promised: string, reason: string) => Promise<boolean>;
}) {
  const [date, setDate] = useState('');
  const [reason, setReason] = useState('');
  const save = async () => {
    if (await onPromise(date, reason)) {
      setDate('');
      setReason('');
    }
  };
  return (
    <div className="flex items-end gap-2">
      <label className="w-[164px] shrink-0 text-[14px] text-pencil">
        instead of {day(promised)}
        <input
          className="field text-ink"
          type="date"
          aria-label="Promised for"
          value={date}
          onChange={(e) => setDate(e.target.value)}
        />
      </label>
      <label className="min-w-0 flex-1 text-[14px] text-pencil">
        because
        <input
          className="field text-ink"
          aria-label="Why it changes"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <button type="button" className="button" disabled={!date || !reason.trim()} onClick={() => void save()}>
        promise it
      </button>
    </div>
  );
}
