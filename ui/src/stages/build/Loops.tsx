import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

type Props = { job: Schemas['JobView']; recorder: Recorder; data: Schemas['StepsView'] };

/** What was changed for now, until it is changed back. */
export function Loops({ job, recorder, data }: Props) {
  const [fn, setFn] = useState('');
  const chosen = fn || data.functions[0] || '';
  return (
    <section aria-label="Changed for now" className="py-5">
      <h3 className="text-[18px] font-bold">Changed for now</h3>
      {data.loops.length === 0 && <p className="text-[16px] text-pencil">Nothing is changed for now.</p>}
      {data.loops.map((l) => (
        <div key={l.id} className="flex min-h-[52px] items-center gap-3 border-b border-steel text-[17px]">
          <span className="min-w-0 flex-1">
            <strong>{l.detail}</strong>
            <span className="block text-[14px] text-pencil">by {l.by}; blocks release</span>
          </span>
          <button
            type="button"
            className="button"
            disabled={job.released}
            onClick={() => void recorder.record('build/loop-closed', { loop: l.id })}
          >
            changed back
          </button>
        </div>
      ))}
      {!job.released && (
        <div className="flex items-end gap-2 pt-2">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            lead moved for binding
            <select className="field text-[16px]" value={chosen} onChange={(e) => setFn(e.target.value)}>
              {data.functions.map((f) => (
                <option key={f}>{f}</option>
              ))}
            </select>
          </label>
          <button
            type="button"
            className="button"
            onClick={() =>
              void recorder.record('build/loop-opened', { kind: 'leadMovedForBinding', detail: '', function: chosen })
            }
          >
            moved for now
          </button>
        </div>
      )}
    </section>
  );
}
