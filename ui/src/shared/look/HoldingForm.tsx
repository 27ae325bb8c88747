import { useState } from 'react';
import type { Schemas } from '../../api/client';

export type Holding = NonNullable<Schemas['Entry.ActOpened']['held']>;

/** Before a motor may turn: restraint, clear disc and plane, a second person. Nothing is preselected. */
export function HoldingForm({
  label,
  onHeld,
  onCancel,
}: {
  label: string;
  onHeld: (held: Holding) => void;
  onCancel?: () => void;
}) {
  const [held, setHeld] = useState<Holding>({ restrained: false, discClear: false, second: '' });
  const tick = (key: 'restrained' | 'discClear', words: string) => (
    <button
      type="button"
      aria-pressed={held[key]}
      className="button min-h-[52px] w-full text-left text-[17px]"
      onClick={() => setHeld({ ...held, [key]: !held[key] })}
    >
      {words}
    </button>
  );
  return (
    <div className="mt-2 flex flex-col gap-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2">
      <p className="text-[17px]">
        <strong>Caution.</strong> The motor can turn, and may answer with full power at once.
      </p>
      {tick('restrained', 'The aircraft is tied down or held')}
      {tick('discClear', 'Disc and plane are clear, people behind it')}
      <label className="text-[14px]">
        second person, at the aircraft
        <input
          className="field text-[18px]"
          value={held.second}
          onChange={(e) => setHeld({ ...held, second: e.target.value })}
        />
      </label>
      <div className="flex gap-2">
        {onCancel && (
          <button type="button" className="button min-h-[52px]" onClick={onCancel}>
            Not now
          </button>
        )}
        <button
          type="button"
          className="button dark min-h-[52px] flex-1 font-bold"
          disabled={!held.restrained || !held.discClear || !held.second.trim()}
          onClick={() => onHeld(held)}
        >
          {label}
        </button>
      </div>
    </div>
  );
}
