import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';
import { dayAndClock } from '../../shared/time';

/** A released job: the sealed record, what the owner said, and opening it again. */
export function Sealed({
  job,
  recorder,
  data,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  data: Schemas['HandOverView'];
}) {
  const [reason, setReason] = useState('');
  const release = data.release!;
  return (
    <section aria-label="Released">
      <h2 className="text-[28px] leading-tight font-bold">Released</h2>
      <p className="text-[18px]">
        Record {release.number}, by {release.by}, {dayAndClock(release.at)}.
      </p>
      <p className="pt-1 text-[14px] break-all text-pencil">Sealed as {release.pdfHash}</p>
      {data.timerMinutes !== null && (
        <p className="pt-3 text-[18px]">Set the flight timer to {data.timerMinutes} min.</p>
      )}
      <p className="mt-3 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
        An experienced pilot or instructor makes the first flight where rules or skill ask for it. Local law and the
        field's rules come before this record.
      </p>
      <h3 className="pt-5 text-[18px] font-bold">The owner</h3>
      {data.accepted === null ? (
        <div className="flex gap-2 pt-1">
          <button
            type="button"
            className="button flex-1"
            onClick={() => void recorder.record('handover/owner-answered', { accepted: true, words: '' })}
          >
            accepted
          </button>
          <button
            type="button"
            className="button flex-1"
            onClick={() => void recorder.record('handover/owner-answered', { accepted: false, words: '' })}
          >
            declined
          </button>
        </div>
      ) : (
        <p className="text-[18px]">{data.accepted ? 'Accepted' : 'Declined'} by the owner.</p>
      )}
      <h3 className="pt-5 text-[18px] font-bold">Open it again</h3>
      <p className="text-[15px] text-pencil">Everything measured becomes stale; this record stays, by its number.</p>
      <label className="text-[14px] text-pencil">
        why
        <input className="field" value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
      <button
        type="button"
        className="button mt-2"
        onClick={() => void recorder.record('handover/reopened', { reason })}
      >
        Open {job.number} again
      </button>
    </section>
  );
}
