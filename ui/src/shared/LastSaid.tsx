import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import type { SharedRecorder } from './stage';
import { Recorded } from './Recorded';
import { RetractForm, useMayRetract } from './RetractForm';
import { clock } from './time';

/**
 * The fixed line above the main act: what was just recorded, by whom, with retract; a press on it opens all that was.
 */
export function LastSaid({ job, recorder }: { job: Schemas['JobView']; recorder: SharedRecorder }) {
  const [open, setOpen] = useState(false);
  const [all, setAll] = useState(false);
  const mayRetract = useMayRetract();
  const last = job.last;
  if (!last) return null;
  const retract = async (body: Schemas['Entry.Retracted']) => {
    const ok = await recorder.record('job/retracted', body);
    if (ok) setOpen(false);
    return ok;
  };
  return (
    <div className="flex min-h-[44px] shrink-0 items-center gap-2 border-t border-steel px-[18px] text-[14px] text-pencil">
      <button
        type="button"
        className="min-h-[44px] min-w-0 flex-1 truncate text-left underline decoration-steel underline-offset-4"
        title="all that was recorded"
        onClick={() => setAll(true)}
      >
        <span className="sr-only">all that was recorded; last </span>
        {clock(last.at)} {last.by}: {last.said}
      </button>
      {!job.released && (
        <Link
          className="inline-flex min-h-[44px] items-center px-1 text-ink underline"
          to={`/jobs/${job.id}/unpack?room=findings`}
        >
          finding
        </Link>
      )}
      {mayRetract(last) && (
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger className="min-h-[44px] px-1 text-ink underline">retract</Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              side="top"
              align="end"
              className="z-30 w-[340px] border-2 border-ink bg-paper p-4 text-ink"
            >
              <p className="mb-2 font-bold">Retract “{last.said}”</p>
              <RetractForm entry={last} onRetract={retract} />
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
      {all && <Recorded job={job} recorder={recorder} onClose={() => setAll(false)} />}
    </div>
  );
}
