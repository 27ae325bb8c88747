import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { LeaveOr } from '../../shared/LeaveOr';
import { answer, api, type Schemas } from '../../api/client';
import type { Recorder } from './entries';
import { TrueSize } from './TrueSize';

/**
 * Would this screw do? Judged by the fastener rule with its numbers, and drawn at true size to be laid on the glass.
 */
export function Substitutes({
  job,
  recorder,
  part,
  before,
  onDone,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  part: Schemas['PartCountView'];
  /** What another job of this kit took, the latest first. */
  before: readonly Schemas['RememberedScrew'][];
  onDone: () => void;
}) {
  const [diameter, setDiameter] = useState('');
  const [length, setLength] = useState('');
  const [stack, setStack] = useState('');
  const [depth, setDepth] = useState('');
  const [count, setCount] = useState(String(Math.max(1, part.short || part.wrong)));
  const measured = { ...(stack.trim() ? { stack } : {}), ...(depth.trim() ? { depth } : {}) };
  const ready = diameter.trim() !== '' && length.trim() !== '';
  const { data: judged, error } = useQuery({
    queryKey: ['substitute', job.id, part.id, diameter, length, stack, depth],
    enabled: ready,
    retry: false,
    queryFn: async () =>
      answer(
        await api.POST('/api/jobs/{id}/unpack/substitute', {
          params: { path: { id: job.id } },
          body: { part: part.id, diameter, length, ...measured },
        }),
      ),
  });
  const { data: all } = useQuery({
    queryKey: ['fasteners', job.id],
    queryFn: async () => answer(await api.GET('/api/jobs/{id}/unpack/fasteners', { params: { path: { id: job.id } } })),
  });
  const accept = async () => {
    if (
      await recorder.record('unpack/substitute', {
        part: part.id,
        quantity: Number(count) || 0,
        diameter,
        length,
        ...measured,
        note: '',
      })
    )
      onDone();
  };
  const field = (label: string, value: string, put: (t: string) => void) => (
    <label className="text-[14px] text-pencil">
      {label}
      <input
        className="field text-[20px] text-ink"
        inputMode="decimal"
        value={value}
        onChange={(e) => put(e.target.value)}
      />
    </label>
  );
  return (
    <section aria-label="Substitute" className="mt-2 border-2 border-ink p-3">
      {before.map((b) => (
        <button
          type="button"
          key={b.job}
          className="button mb-2 w-full text-left text-[16px]"
          onClick={() => {
            setDiameter(b.diameter);
            setLength(b.length);
            setStack(b.stack);
            setDepth(b.depth);
          }}
        >
          {b.job} took {b.diameter} × {b.length} here
        </button>
      ))}
      <div className="grid grid-cols-3 gap-2">
        {field('thread, mm', diameter, setDiameter)}
        {field('length, mm', length, setLength)}
        {field('how many', count, setCount)}
      </div>
      {judged?.needsMeasuring && (
        <div className="grid grid-cols-2 gap-2 pt-2">
          {field('it clamps, mm', stack, setStack)}
          {field('hole depth, mm', depth, setDepth)}
        </div>
      )}
      <div role="status" className="my-2 min-h-[56px] border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
        {error ? (
          <span className="text-red">{error.message}</span>
        ) : judged ? (
          <>
            <strong className={`text-[19px] ${judged.fits ? '' : 'text-red'}`}>
              {judged.fits ? 'It will do.' : 'It will not do.'}
            </strong>{' '}
            {judged.why}
            {judged.misprint && ' The listed size itself cannot fit: a misprint.'}
          </>
        ) : (
          'Thread and length under the head, measured.'
        )}
      </div>
      <TrueSize outlines={judged ? [judged.listed, judged.inHand] : (all ?? [])} />
      <LeaveOr
        label="Take them as substitutes"
        off={!judged?.fits || recorder.busy}
        onLeave={onDone}
        onDo={() => void accept()}
      />
    </section>
  );
}
