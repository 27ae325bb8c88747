import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Pictures } from '../../shared/Pictures';
import type { Recorder } from './entries';

/** Papers first: each sheet found with what must be on it, or where its numbers come from instead. */
export function Papers({
  job,
  papers,
  recorder,
}: {
  job: Schemas['JobView'];
  papers: readonly Schemas['PaperView'][];
  recorder: Recorder;
}) {
  const [open, setOpen] = useState<string>();
  const [source, setSource] = useState('');
  return (
    <section aria-label="Papers">
      <ul>
        {papers.map((p) => (
          <li key={p.paper} className="border-b border-steel py-2">
            <div className="flex items-center gap-2">
              <span className="min-w-0 flex-1">
                <strong className="text-[20px]">{p.paper}</strong>
                <span className="block text-[15px] text-pencil">{p.onIt}</span>
              </span>
              {p.found ? (
                <span className="text-[17px] font-bold">{p.source ? 'from elsewhere' : 'found'}</span>
              ) : (
                <>
                  <button
                    type="button"
                    className="button px-3"
                    disabled={job.released}
                    onClick={() => setOpen(open === p.paper ? undefined : p.paper)}
                    aria-expanded={open === p.paper}
                    aria-label={`${p.paper}: not in the box`}
                  >
                    not in the box
                  </button>
                  <button
                    type="button"
                    className="button dark px-4"
                    disabled={job.released}
                    aria-label={`${p.paper}: found`}
                    onClick={() => void recorder.record('unpack/papers', { paper: p.paper })}
                  >
                    found
                  </button>
                </>
              )}
            </div>
            {p.found && !p.source && (
              <div className="pt-1">
                <Pictures
                  photos={p.photos}
                  label={`the paper with the ${p.paper}`}
                  disabled={job.released}
                  onTaken={(hash) => recorder.record('unpack/paper-photo', { paper: p.paper, hash, note: '' })}
                />
              </div>
            )}
            {p.source && <p className="text-[15px]">The numbers are from {p.source}.</p>}
            {open === p.paper && !p.found && (
              <div className="flex gap-2 pt-2">
                <input
                  autoFocus
                  aria-label={`Source of ${p.paper}`}
                  className="field flex-1"
                  placeholder="where its numbers come from, with the edition"
                  value={source}
                  onChange={(e) => setSource(e.target.value)}
                />
                <button
                  type="button"
                  className="button"
                  onClick={() =>
                    void recorder.record('unpack/paper-elsewhere', { paper: p.paper, source }).then((ok) => {
                      if (!ok) return;
                      setOpen(undefined);
                      setSource('');
                    })
                  }
                >
                  record
                </button>
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
