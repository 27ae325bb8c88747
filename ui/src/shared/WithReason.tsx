import { useState } from 'react';

/** An act that is rare and needs its reason: a link that opens into a line. */
export function WithReason({
  link,
  label,
  placeholder,
  act,
  busy = false,
  onSay,
}: {
  link: string;
  /** What the line asks for, spoken. */
  label: string;
  placeholder: string;
  act: string;
  busy?: boolean;
  /** True once it was taken: the line folds again. */
  onSay: (reason: string) => Promise<boolean>;
}) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="mr-6 min-h-[44px] text-[15px] text-pencil underline"
        onClick={() => setOpen(true)}
      >
        {link}
      </button>
    );
  const say = async () => {
    if (await onSay(reason)) setOpen(false);
  };
  return (
    <div className="flex gap-2 pt-2">
      <input
        className="field min-w-0 flex-1"
        aria-label={label}
        placeholder={placeholder}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <button type="button" className="button dark" disabled={!reason.trim() || busy} onClick={() => void say()}>
        {act}
      </button>
    </div>
  );
}
