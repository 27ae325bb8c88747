import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Schemas } from '../api/client';
import type { SharedRecorder } from './stage';
import { Notice } from './Notice';
import { Over } from './Over';
import { RetractForm, useMayRetract } from './RetractForm';
import { Search } from './Search';
import { dayAndClock } from './time';

/**
 * Everything recorded in a job, newest first. A mistake of record is taken back here, with its reason; what happened at
 * the bench is not.
 */
export function Recorded({
  job,
  recorder,
  onClose,
}: {
  job: Schemas['JobView'];
  recorder: SharedRecorder;
  onClose: () => void;
}) {
  const [find, setFind] = useState('');
  const [open, setOpen] = useState<string>();
  const { data } = useQuery({
    queryKey: ['job', job.id, 'journal', find],
    placeholderData: (before) => before,
    queryFn: async () =>
      answer(await api.GET('/api/jobs/{id}/journal', { params: { path: { id: job.id }, query: { find } } })),
  });
  const mayRetract = useMayRetract();
  const retract = async (body: Schemas['Entry.Retracted']) => {
    const ok = await recorder.record('job/retracted', body);
    if (ok) setOpen(undefined);
    return ok;
  };
  return (
    <Over title={`Recorded in ${job.number}`} onClose={onClose} className="w-[min(94vw,760px)]">
      <div className="flex gap-2 pb-2">
        <Search label="Find words or a person" onFind={setFind} />
        <button type="button" className="button px-5" onClick={onClose}>
          Close
        </button>
      </div>
      <ul aria-label="Recorded" className="h-[58vh] overflow-y-auto border-t-2 border-ink">
        {data?.lines.map((l) => (
          <li key={l.entryId} className="border-b border-steel py-1">
            <div className="flex items-center gap-3">
              <span className="w-[164px] shrink-0 text-[14px] text-pencil">
                {dayAndClock(l.at)}
                <span className="block">{l.by}</span>
              </span>
              <bdi className={`min-w-0 flex-1 text-[16px] ${l.retracted ? 'text-pencil line-through' : ''}`}>
                {l.said}
              </bdi>
              {mayRetract(l) && (
                <button
                  type="button"
                  className="min-h-[44px] px-2 text-[15px] underline"
                  aria-expanded={open === l.entryId}
                  aria-label={`Retract ${l.said}`}
                  onClick={() => setOpen(open === l.entryId ? undefined : l.entryId)}
                >
                  retract
                </button>
              )}
            </div>
            {l.retracted && (
              <p className="pl-[176px] text-[14px] text-pencil">
                {l.retracted.corrected
                  ? `typed wrongly, meant: ${l.retracted.corrected} (${l.retracted.by})`
                  : `recorded in error, ${l.retracted.by}: ${l.retracted.reason}`}
              </p>
            )}
            {open === l.entryId && <RetractForm entry={l} onRetract={retract} />}
          </li>
        ))}
        {data?.lines.length === 0 && (
          <li className="py-4 text-[16px] text-pencil">Nothing recorded has these words.</li>
        )}
        {data && data.all > data.lines.length && (
          <li className="py-3 text-[14px] text-pencil">
            The newest {data.lines.length} of {data.all}. Type a few words to find another.
          </li>
        )}
      </ul>
      <Notice refusal={recorder.refusal} onClose={recorder.clear} />
    </Over>
  );
}
