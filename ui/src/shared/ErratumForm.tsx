import { useState } from 'react';
import type { Schemas } from '../api/client';
import type { Recorder } from '../api/record';
import { LeaveOr } from './LeaveOr';
import { Pictures } from './Pictures';

type Props = {
  recorder: Recorder<'unpack/erratum'>;
  steps: readonly Schemas['StepView'][];
  /** The step in hand; asked for where there is none. */
  step?: Schemas['StepView'];
  finding?: Schemas['FindingView'];
  onDone: () => void;
};

/** What the manual has wrong or leaves out: shown at its step in later jobs of the kit, until a revision answers it. */
export function ErratumForm({ recorder, steps, step, finding, onDone }: Props) {
  const [at, setAt] = useState(step?.id ?? '');
  const of = steps.find((s) => s.id === at);
  const [page, setPage] = useState<string>();
  const [says, setSays] = useState('');
  const [isSo, setIsSo] = useState('');
  const [reason, setReason] = useState('');
  const [hash, setHash] = useState(finding?.photos.at(-1)?.hash ?? '');
  const save = async () => {
    const ok = await recorder.record('unpack/erratum', {
      step: at,
      page: page ?? of?.page ?? '',
      says,
      isSo,
      reason,
      finding: finding?.id ?? '',
      hash,
    });
    if (ok) onDone();
  };
  const ready = at && isSo.trim() && reason.trim();
  return (
    <section aria-label="Erratum" className="mt-2 flex flex-col gap-2 border-2 border-ink p-3">
      <h3 className="text-[18px] font-bold">The manual is wrong or silent</h3>
      {!step && (
        <label className="text-[14px] text-pencil">
          at which step
          <select className="field text-[17px]" value={at} onChange={(e) => setAt(e.target.value)}>
            <option value="" disabled>
              which one?
            </option>
            {steps
              .filter((s) => !s.isRepair)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.title}
                </option>
              ))}
          </select>
        </label>
      )}
      <div className="grid grid-cols-[96px_1fr] gap-2">
        <Line label="page" value={page ?? of?.page ?? ''} onChange={setPage} />
        <Line label="the manual says (empty: nothing)" value={says} onChange={setSays} />
      </div>
      <Line label="what is so" value={isSo} onChange={setIsSo} />
      <Line label="how that is known" value={reason} onChange={setReason} />
      <Pictures
        photos={hash ? [{ hash, note: '' }] : []}
        label="the erratum"
        onTaken={(taken) => {
          setHash(taken);
          return Promise.resolve(true);
        }}
      />
      <LeaveOr label="Propose the erratum" off={!ready || recorder.busy} onLeave={onDone} onDo={() => void save()} />
    </section>
  );
}

function Line({ label, value, onChange }: { label: string; value: string; onChange: (text: string) => void }) {
  return (
    <label className="text-[14px] text-pencil">
      {label}
      <input className="field text-[17px] text-ink" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
