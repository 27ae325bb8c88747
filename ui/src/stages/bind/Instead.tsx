import { useState } from 'react';

/** The answer that is not the expected one: its words are asked before it is recorded. */
export function Instead({
  label,
  asks,
  act,
  busy,
  onSay,
  className = 'button min-h-[52px] flex-1',
}: {
  label: string;
  asks: string;
  act: string;
  busy: boolean;
  onSay: (words: string) => Promise<boolean>;
  className?: string;
}) {
  const [words, setWords] = useState<string>();
  return (
    <>
      <button
        type="button"
        className={className}
        aria-expanded={words !== undefined}
        onClick={() => setWords(words === undefined ? '' : undefined)}
      >
        {label}
      </button>
      {words !== undefined && (
        <form
          className="flex w-full basis-full items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void onSay(words).then((ok) => ok && setWords(undefined));
          }}
        >
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            {asks}
            <input className="field text-[18px] text-ink" value={words} onChange={(e) => setWords(e.target.value)} />
          </label>
          <button type="submit" className="button dark min-h-[48px] px-3" disabled={busy || !words.trim()}>
            {act}
          </button>
        </form>
      )}
    </>
  );
}
