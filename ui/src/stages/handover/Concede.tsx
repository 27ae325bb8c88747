import { useState } from 'react';
import { LeaveOr } from '../../shared/LeaveOr';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** A lead lets a requirement go unmet, with a reason; aft of the balance range also with the owner's written words. */
export function Concede({
  line,
  recorder,
  onDone,
}: {
  line: Schemas['LedgerLine'];
  recorder: Recorder;
  onDone: () => void;
}) {
  const [reason, setReason] = useState('');
  const [owner, setOwner] = useState('');
  const concede = async () => {
    if (await recorder.record('handover/conceded', { requirement: line.id, reason, ownerAcceptance: owner })) onDone();
  };
  return (
    <section aria-label="Concede" className="my-2 flex flex-col gap-2 border-2 border-ink p-3">
      <h3 className="text-[18px] font-bold">Concede {line.text}</h3>
      <p className="text-[16px]">
        {line.reading} against {line.limits}. It holds for this reading, or a better one.
      </p>
      <label className="text-[14px] text-pencil">
        reason
        <input className="field" autoFocus value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
      {line.concedable === 'withOwner' && (
        <label className="text-[14px] text-pencil">
          the owner's written acceptance
          <input className="field" value={owner} onChange={(e) => setOwner(e.target.value)} />
        </label>
      )}
      <LeaveOr label="Concede" onLeave={onDone} onDo={() => void concede()} />
    </section>
  );
}
