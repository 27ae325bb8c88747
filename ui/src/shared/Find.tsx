import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useJobs } from '../api/queries';
import { STAGES } from '../api/contract';
import { toStage } from './stageKeys';

/** Ctrl+K: a job by number, kit or customer; a stage of this one by name. */
export function Find({
  open,
  onOpenChange,
  jobId,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  jobId?: string;
}) {
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const { data } = useJobs(text);
  const wanted = text.trim().toLowerCase();
  const stages = jobId ? STAGES.map((s) => ({ to: toStage(jobId, s.stage), words: `This job: ${s.title}` })) : [];
  const jobs = (data?.jobs ?? []).map((j) => ({
    to: toStage(j.id, j.stage),
    words: `${j.number} ${j.kit}, ${j.customer}`,
  }));
  const found = [...jobs, ...stages.filter((f) => f.words.toLowerCase().includes(wanted))].slice(0, 9);
  const go = (to: string) => {
    onOpenChange(false);
    setText('');
    void navigate(to);
  };
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-40 w-[min(560px,92vw)] -translate-x-1/2 border-2 border-ink bg-paper p-4 text-ink"
        >
          <Dialog.Title className="mb-2 text-[18px] font-bold">Find a job or stage</Dialog.Title>
          <input
            autoFocus
            className="field text-[18px]"
            value={text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={(e) => e.key === 'Enter' && found[0] && go(found[0].to)}
            aria-label="Find"
          />
          <ul className="mt-2">
            {found.map((f) => (
              <li key={f.to}>
                <button
                  type="button"
                  onClick={() => go(f.to)}
                  className="min-h-[44px] w-full border-b border-steel text-left"
                >
                  {f.words}
                </button>
              </li>
            ))}
            {found.length === 0 && <li className="py-3 text-pencil">Nothing has “{text}” in it.</li>}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
