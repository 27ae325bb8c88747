import { useState } from 'react';

type Props = { said: string; onRetract: (reason: string, typingError: boolean) => Promise<boolean> };

/**
 * Why something recorded is taken back: a reading typed wrongly counts no attempt, anything else asks for its reason.
 */
export function RetractForm({ said, onRetract }: Props) {
  const [reason, setReason] = useState('');
  const [typing, setTyping] = useState(true);
  return (
    <div role="group" aria-label={`Retract ${said}`}>
      <div role="radiogroup" aria-label="Why" className="mb-2 flex gap-2">
        <button
          type="button"
          role="radio"
          aria-checked={typing}
          className="button flex-1"
          onClick={() => setTyping(true)}
        >
          typed wrongly
        </button>
        <button
          type="button"
          role="radio"
          aria-checked={!typing}
          className="button flex-1"
          onClick={() => setTyping(false)}
        >
          another reason
        </button>
      </div>
      <label className="text-[14px] text-pencil">
        Why it is taken back
        <input
          className="field mb-3"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          placeholder={typing ? 'Typed wrongly.' : ''}
        />
      </label>
      <button
        type="button"
        className="button dark w-full"
        disabled={!typing && !reason.trim()}
        onClick={() => void onRetract(reason || 'Typed wrongly.', typing)}
      >
        Retract
      </button>
    </div>
  );
}
