import { useState } from 'react';
import { WORDS } from '../../api/contract';
import type { Schemas } from '../../api/client';
import { Choice } from '../../shared/Choice';
import type { Recorder } from './entries';

/** How the owner carries it to the field: asked once, with every step that each answer changes. */
export function CarriedHow({
  data,
  recorder,
  closed,
}: {
  data: Schemas['ReceiveView'];
  recorder: Recorder;
  closed: boolean;
}) {
  const [reason, setReason] = useState('');
  const said = data.carried !== 'notSaid';
  return (
    <section aria-label="How the owner carries it" className="pb-3">
      <p className="flex items-baseline justify-between gap-3 pb-1">
        <strong className="text-[18px]">How the owner carries it</strong>
        {!said && <span className="text-[14px] text-pencil">nobody has said</span>}
      </p>
      <Choice
        acts
        label="How the owner carries it"
        value={said ? data.carried : undefined}
        of={data.carriages.map((c) => ({
          value: c.how,
          disabled: closed || recorder.busy,
          words: (
            <>
              <strong>{WORDS.carriage[c.how]}</strong>
              <span className="block text-[14px]">{c.effect}</span>
            </>
          ),
        }))}
        onChoose={(how) =>
          how !== data.carried &&
          void recorder.record('receive/carried', { how, reason }).then((ok) => ok && setReason(''))
        }
        className="grid grid-cols-3 gap-2"
        button="button content-start px-2 text-left"
      />
      {!closed && said && (
        <input
          className="field mt-2 text-[16px]"
          aria-label="Reason for carrying it otherwise"
          placeholder="reason, once work has begun"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      )}
    </section>
  );
}
