import { useEffect, useRef, useState } from 'react';
import { WORDS } from '../../api/contract';
import type { Schemas } from '../../api/client';
import { Choice } from '../../shared/Choice';
import { inSight } from '../../shared/inSight';
import { each } from '../../shared/words';

type Said = Pick<Schemas['Entry.LeadMended'], 'work' | 'colours' | 'sleeved' | 'tugged' | 'adds'>;

const LOOKS: readonly ['colours' | 'sleeved' | 'tugged', string][] = [
  ['colours', 'each wire on its own colour, end to end'],
  ['sleeved', 'a sleeve over each joint by itself'],
  ['tugged', 'pulled, and it holds'],
];

/** What was done to a lead, with what is looked at before it counts. */
export function Mended({ busy, onSay }: { busy: boolean; onSay: (said: Said) => void }) {
  const [work, setWork] = useState<Said['work']>();
  const [seen, setSeen] = useState({ colours: false, sleeved: false, tugged: false });
  const [adds, setAdds] = useState('');
  const top = useRef<HTMLElement>(null);
  useEffect(() => inSight(top.current), []);
  return (
    <section ref={top} aria-label="Work on the lead" className="border-2 border-ink px-3 py-3">
      <p className="text-[14px] text-pencil">
        Iron and joint stay hot, fumes go out of the window, the flight pack lies elsewhere.
      </p>
      <Choice
        label="What was done"
        value={work}
        of={each(WORDS.leadWork).map(([value, words]) => ({ value, words }))}
        onChoose={setWork}
        className="grid grid-cols-2 gap-2 pt-2"
        button="button text-[15px]"
      />
      {LOOKS.map(([look, words]) => (
        <label key={look} className="flex min-h-[44px] items-center gap-3 text-[17px]">
          <input
            type="checkbox"
            className="size-6"
            checked={seen[look]}
            onChange={(e) => setSeen({ ...seen, [look]: e.target.checked })}
          />
          {words}
        </label>
      ))}
      <div className="flex items-end gap-3">
        <label className="min-w-0 flex-1 text-[14px] text-pencil">
          it adds, g; left out: weighed again
          <input className="field text-[18px] text-ink" value={adds} onChange={(e) => setAdds(e.target.value)} />
        </label>
        <button
          type="button"
          className="button"
          disabled={busy || !work}
          onClick={() => work && onSay({ work, ...seen, ...(adds.trim() ? { adds: adds.trim() } : {}) })}
        >
          Record it
        </button>
      </div>
    </section>
  );
}
