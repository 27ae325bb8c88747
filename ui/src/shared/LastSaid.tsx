import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import type { Recorder } from '../api/record';
import { clock } from './time';

/** The fixed line above the main act: what was just recorded, by whom, with retract. */
export function LastSaid({ job, recorder }: { job: Schemas['JobView']; recorder: Recorder }) {
  const [reason, setReason] = useState('');
  const [typing, setTyping] = useState(true);
  const [open, setOpen] = useState(false);
  const last = job.last;
  if (!last) return null;
  const retract = async () => {
    if (await recorder.record('job/retracted', { entry: last.entryId, reason: reason || (typing ? 'Typed wrongly.' : ''), typingError: typing })) {
      setOpen(false);
      setReason('');
    }
  };
  return (
    <div className="flex min-h-[44px] shrink-0 items-center gap-2 border-t border-steel px-[18px] text-[14px] text-pencil">
      <span className="min-w-0 flex-1 truncate">
        {clock(last.at)} {last.by}: {last.said}
      </span>
      {!job.released && (
        <Link className="inline-flex min-h-[44px] items-center px-1 text-ink underline" to={`/jobs/${job.id}/unpack?room=findings`}>
          finding
        </Link>
      )}
      {last.retractable && (
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger className="min-h-[44px] px-1 text-ink underline">retract</Popover.Trigger>
          <Popover.Portal>
            <Popover.Content side="top" align="end" className="z-30 w-[340px] border-2 border-ink bg-paper p-4 text-ink">
              <p className="mb-2 font-bold">Retract “{last.said}”</p>
              <div role="radiogroup" aria-label="Why" className="mb-2 flex gap-2">
                <button role="radio" aria-checked={typing} className="button flex-1" onClick={() => setTyping(true)}>
                  typed wrongly
                </button>
                <button role="radio" aria-checked={!typing} className="button flex-1" onClick={() => setTyping(false)}>
                  another reason
                </button>
              </div>
              <label className="label" htmlFor="why">
                Reason
              </label>
              <input id="why" className="field mb-3" value={reason} onChange={(e) => setReason(e.target.value)} placeholder={typing ? 'Typed wrongly.' : ''} />
              <button className="button dark w-full" onClick={() => void retract()}>
                Retract
              </button>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </div>
  );
}
