import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';
import { Jaws, verdictWords } from '../../shared/Jaws';

/** What the sheet ties to nothing that moves: called, and somebody says what it was seen to do. */
export function Called({
  called,
  recorder,
  disabled,
}: {
  called: readonly Schemas['CalledView'][];
  recorder: Recorder;
  disabled: boolean;
}) {
  const [seen, setSeen] = useState<Record<string, string>>({});
  if (called.length === 0) return null;
  const say = async (output: string, asItShould: boolean) => {
    if (await recorder.record('bind/called', { output, seen: seen[output] ?? '', asItShould }))
      setSeen((s) => ({ ...s, [output]: '' }));
  };
  return (
    <section aria-label="Called" className="pt-4">
      <h3 className="text-[18px] font-bold">Called, and seen to do what?</h3>
      <p className="text-[14px] text-pencil">
        Pack connected, every motor isolated. Nothing on the sheet answers for these.
      </p>
      {called.map((c) => (
        <div key={c.output} className="border-b border-steel py-2">
          <div className="flex items-center gap-3 text-[17px]">
            <span className="min-w-0 flex-1">
              {c.text}
              <span className="block text-[14px] text-pencil">
                {c.line.standing === 'stale' ? c.line.why : c.seen || c.why}
              </span>
            </span>
            <Jaws line={c.line} size={20} />
            <span className={`w-[90px] ${c.line.standing === 'notMet' ? 'text-red' : ''}`}>{verdictWords(c.line)}</span>
          </div>
          {!disabled && (
            <div className="flex flex-wrap gap-2 pt-1">
              <input
                className="field min-w-[150px] flex-1"
                aria-label={`${c.text}: seen to do`}
                placeholder="what it does"
                value={seen[c.output] ?? ''}
                onChange={(e) => setSeen((s) => ({ ...s, [c.output]: e.target.value }))}
              />
              <button
                type="button"
                className="button dark px-3"
                disabled={!seen[c.output]?.trim()}
                onClick={() => void say(c.output, true)}
              >
                as it should
              </button>
              <button
                type="button"
                className="button px-3"
                disabled={!seen[c.output]?.trim()}
                onClick={() => void say(c.output, false)}
              >
                not so
              </button>
            </div>
          )}
        </div>
      ))}
    </section>
  );
}
