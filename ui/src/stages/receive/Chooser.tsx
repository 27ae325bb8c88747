import { useState } from 'react';
import { Search } from '../../shared/Search';

type Choice = { key: string; title: string; note: string };

/** One of many, found by typing: the choice stands as a strip, and opens again to be changed. */
export function Chooser({
  label,
  find,
  choices,
  chosen,
  onFind,
  onChoose,
  none,
}: {
  label: string;
  find: string;
  choices: readonly Choice[];
  chosen: Choice | undefined;
  onFind: (words: string) => void;
  onChoose: (key: string) => void;
  none?: string;
}) {
  const [open, setOpen] = useState(false);
  // Open while nothing is chosen, here or elsewhere on the screen.
  if (!open && chosen)
    return (
      <div>
        <span className="label">{label}</span>
        <button
          type="button"
          className="field flex items-center justify-between gap-3 text-left"
          aria-label={`${label}: ${chosen.title}, change`}
          onClick={() => setOpen(true)}
        >
          <span className="min-w-0 truncate text-[18px]">
            {chosen.title} <span className="text-[14px] text-pencil">{chosen.note}</span>
          </span>
          <span className="text-[14px] underline">change</span>
        </button>
      </div>
    );
  return (
    <div role="group" aria-label={label}>
      <span className="label">{label}</span>
      <div className="flex">
        <Search label={find} onFind={onFind} />
      </div>
      <ul className="max-h-[176px] overflow-y-auto border-2 border-t-0 border-steel">
        {none && (
          <li>
            <button
              type="button"
              className="min-h-[44px] w-full border-b border-steel px-3 text-left text-[16px] font-bold"
              onClick={() => {
                onChoose('');
                setOpen(false);
              }}
            >
              {none}
            </button>
          </li>
        )}
        {choices.map((c) => (
          <li key={c.key}>
            <button
              type="button"
              className={`min-h-[44px] w-full border-b border-steel px-3 text-left text-[16px]
                ${c.key === chosen?.key ? 'bg-tape-wash font-bold' : ''}`}
              onClick={() => {
                onChoose(c.key);
                setOpen(false);
              }}
            >
              {c.title} <span className="text-[14px] font-normal text-pencil">{c.note}</span>
            </button>
          </li>
        ))}
        {choices.length === 0 && <li className="px-3 py-2 text-[15px] text-pencil">None has these words.</li>}
      </ul>
    </div>
  );
}
