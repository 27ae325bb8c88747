import { Choice } from '../../shared/Choice';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/**
 * Where practitioners disagree: the shop's way stands, another is one tap away, with its reason and what it changes
 * here.
 */
export function SchoolList({
  job,
  schools,
  recorder,
}: {
  job: Schemas['JobView'];
  schools: readonly Schemas['SchoolView'][];
  recorder: Recorder;
}) {
  const [open, setOpen] = useState<string>();
  const [reason, setReason] = useState('');
  return (
    <ul>
      {schools.map((s) => {
        const chosen = s.options.find((o) => o.id === s.chosen)!;
        return (
          <li key={s.id} className="border-b border-steel">
            <button
              type="button"
              className="flex min-h-[48px] w-full items-center justify-between gap-3 text-left"
              aria-expanded={open === s.id}
              onClick={() => {
                setOpen(open === s.id ? undefined : s.id);
                setReason('');
              }}
            >
              <span className="text-[16px]">{s.question}</span>
              <span className={`max-w-[58%] text-right text-[15px] ${s.isDefault ? 'text-pencil' : 'font-bold'}`}>
                {chosen.text}
              </span>
            </button>
            {open === s.id && (
              <div className="flex flex-col gap-2 pb-3">
                {s.by && (
                  <p className="text-[15px] text-pencil">
                    Chosen by {s.by}
                    {s.reason && `: ${s.reason}`}
                  </p>
                )}
                {!job.released && (
                  <input
                    className="field text-[16px]"
                    aria-label={`Reason for ${s.question}`}
                    placeholder="reason, once work has begun"
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                  />
                )}
                <Choice
                  acts
                  label={s.question}
                  value={s.chosen}
                  of={s.options.map((o, i) => ({
                    value: o.id,
                    disabled: job.released,
                    words: (
                      <>
                        <strong>
                          {o.text}
                          {i === 0 && ' (shop)'}
                        </strong>
                        <span className="block text-[14px]">
                          {o.reason} {o.effect}
                          {o.undone && ` Undone: ${o.undone}.`}
                        </span>
                      </>
                    ),
                  }))}
                  onChoose={(option) =>
                    option !== s.chosen && void recorder.record('receive/school', { school: s.id, option, reason })
                  }
                  className="flex flex-col gap-2"
                  button="button text-left"
                />
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
