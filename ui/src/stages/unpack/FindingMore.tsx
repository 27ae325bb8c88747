import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import { useMe } from '../../api/me';
import { may } from '../../api/record';
import type { Recorder } from './entries';

/** Where it came from and how bad it is, when somebody knows better than the rules. */
export function FindingMore({ recorder, finding: f }: { recorder: Recorder; finding: Schemas['FindingView'] }) {
  const me = useMe();
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const done = (ok: boolean) => {
    if (!ok) return;
    setOpen(false);
    setReason('');
  };
  return (
    <div>
      <button
        type="button"
        className="min-h-[44px] text-[15px] underline"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        another origin, another grade
      </button>
      {open && (
        <div className="flex flex-col gap-2">
          <input
            className="field"
            aria-label={`Reason about ${f.tag}`}
            placeholder="how that is known"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
          <div role="group" aria-label={`Origin of ${f.tag}`} className="grid grid-cols-3 gap-2">
            {each(WORDS.origin).map(([o, title]) => (
              <button
                type="button"
                key={o}
                className="button px-1 text-[15px]"
                aria-pressed={f.origin === o}
                onClick={() => void recorder.record('unpack/origin', { finding: f.id, origin: o, reason }).then(done)}
              >
                {title}
              </button>
            ))}
          </div>
          {may(me, 'unpack/regraded') && (
            <div role="group" aria-label={`Grade of ${f.tag}`} className="grid grid-cols-4 gap-2">
              {each(WORDS.grade).map(([g, title]) => (
                <button
                  type="button"
                  key={g}
                  className="button px-1 text-[14px]"
                  aria-pressed={f.grade === g}
                  onClick={() =>
                    void recorder.record('unpack/regraded', { finding: f.id, grade: g, reason }).then(done)
                  }
                >
                  {title}
                </button>
              ))}
            </div>
          )}
        </div>
      )}
    </div>
  );
}
