import { Choice } from './Choice';
import { useState } from 'react';
import { leads, useMe } from '../api/me';
import { currentLook } from '../api/look';
import type { Schemas } from '../api/client';

type Entry = Pick<Schemas['LastEntryView'], 'entryId' | 'said' | 'by' | 'byId' | 'look' | 'typed' | 'retractable'>;
type Props = { entry: Entry; onRetract: (body: Schemas['Entry.Retracted']) => Promise<boolean> };

/** Whose it is to withdraw: a slip its author's in the same look, everything else a lead's. */
export function useMayRetract() {
  const me = useMe();
  return (e: Entry) => e.retractable && (leads(me) || (e.byId === me?.id && e.look === currentLook()));
}

/**
 * Why something recorded is taken back. A value typed wrongly says what was meant and stands corrected; anything else asks
 * for its reason, and is shown anew.
 */
export function RetractForm({ entry, onRetract }: Props) {
  const [reason, setReason] = useState('');
  const [typing, setTyping] = useState(entry.typed.length > 0);
  const [meant, setMeant] = useState<string[]>([...entry.typed]);
  const changed = meant.some((m, i) => m.trim() !== entry.typed[i]) && meant.every((m) => m.trim());
  return (
    <div role="group" aria-label={`Retract ${entry.said}`}>
      {entry.typed.length > 0 && (
        <Choice
          label="Why"
          value={typing}
          of={[
            { value: true, words: 'typed wrongly' },
            { value: false, words: 'another reason' },
          ]}
          onChoose={setTyping}
          className="mb-2 flex gap-2"
        />
      )}
      {typing ? (
        <div className="mb-3 flex flex-wrap gap-2">
          {meant.map((m, i) => (
            <label key={`${entry.entryId}-${i}`} className="min-w-[110px] flex-1 text-[14px] text-pencil">
              {meant.length > 1 ? `value ${i + 1} meant` : 'what was meant'}
              <input
                className="field text-[17px]"
                value={m}
                onChange={(e) => setMeant(meant.map((v, k) => (k === i ? e.target.value : v)))}
              />
            </label>
          ))}
        </div>
      ) : (
        <label className="text-[14px] text-pencil">
          Why it is taken back
          <input className="field mb-3" value={reason} onChange={(e) => setReason(e.target.value)} />
        </label>
      )}
      <button
        type="button"
        className="button dark w-full"
        disabled={typing ? !changed : !reason.trim()}
        onClick={() =>
          void onRetract(
            typing
              ? { entry: entry.entryId, reason: 'Typed wrongly.', typingError: true, corrected: meant }
              : { entry: entry.entryId, reason, typingError: false },
          )
        }
      >
        {typing ? 'Correct it' : 'Retract'}
      </button>
    </div>
  );
}
