import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../shared/Choice';
import type { Recorder } from './entries';

/** As what the kit is built, where its box can be built as several: asked until somebody says. */
export function Options({
  job,
  options,
  recorder,
}: {
  job: Schemas['JobView'];
  options: readonly Schemas['OptionView'][];
  recorder: Recorder;
}) {
  const [reason, setReason] = useState('');
  if (options.length === 0) return null;
  return (
    <section aria-label="Kit options" className="pb-4">
      <h2 className="text-[20px] font-bold">Built with</h2>
      {options.map((o) => (
        <div key={o.id} className="border-b border-steel py-2">
          <p className="flex items-baseline justify-between gap-3 pb-1 text-[16px]">
            <span>{o.name}</span>
            {!o.said && (
              <span className="text-[14px] text-red">
                {o.taken ? `not said yet; taken as ${o.taken}` : 'not said yet; all are asked about'}
              </span>
            )}
          </p>
          <Choice
            acts
            label={o.name}
            value={o.said ? o.taken : undefined}
            of={o.choices.map((c) => ({
              value: c.choice,
              disabled: job.released,
              words: (
                <>
                  <strong>{c.choice}</strong>
                  <span className="block text-[14px]">{c.brings || 'nothing of its own'}</span>
                </>
              ),
            }))}
            onChoose={(choice) =>
              !(o.said && choice === o.taken) &&
              void recorder.record('receive/option', { option: o.id, choice, reason }).then((ok) => ok && setReason(''))
            }
            className="flex gap-2"
            button="button flex-1 text-left"
          />
        </div>
      ))}
      {!job.released && options.some((o) => o.said) && (
        <input
          className="field mt-2 text-[16px]"
          aria-label="Reason for building it as something else"
          placeholder="reason, once work has begun"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      )}
    </section>
  );
}
