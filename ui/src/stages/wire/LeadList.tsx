import { useState } from 'react';
import { Jaws, verdictWords } from '../../shared/Jaws';
import type { Lead, View } from './entries';
import { standsOf } from './entries';

/** Every lead in the order of plugging, what is open first; those that are in fold to one line. */
export function LeadList({
  data,
  current,
  onChoose,
}: {
  data: View;
  current: Lead | undefined;
  onChoose: (lead: string) => void;
}) {
  const [all, setAll] = useState(false);
  const done = data.leads.filter((l) => standsOf(l) === 'in');
  const open = data.leads.filter((l) => standsOf(l) !== 'in');
  const row = (l: Lead) => (
    <button
      type="button"
      key={l.id}
      onClick={() => onChoose(l.id)}
      disabled={l.lost}
      aria-pressed={l.id === current?.id}
      className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 text-left text-[17px]
        ${l.id === current?.id ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
    >
      <span className="min-w-0 flex-1">
        {l.name}
        <span className={`block text-[14px] ${standsOf(l) === 'fault' ? 'text-red' : 'text-pencil'}`}>
          {l.lost ? 'no port is left for it' : l.line?.standing === 'notMet' ? l.line.why : `to ${l.to}`}
        </span>
      </span>
      {l.line && <Jaws line={l.line} />}
      {l.line && <span className="w-[64px] text-[15px]">{verdictWords(l.line)}</span>}
    </button>
  );
  return (
    <section aria-label="Leads" data-region="list" className="py-4">
      <h3 className="border-b border-steel text-[18px] font-bold">
        {done.length} of {data.leads.length} leads in
      </h3>
      {open.map(row)}
      {done.length > 0 && (
        <button
          type="button"
          className="min-h-[44px] text-[16px] underline"
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {done.length} in, {all ? 'fold' : 'show'}
        </button>
      )}
      {all && done.map(row)}
      {data.supply && (
        <div className="flex min-h-[52px] items-center gap-3 border-t border-steel pt-1 text-[16px]">
          <span className="min-w-0 flex-1">
            {data.supply.text}
            <span className="block text-[14px] text-pencil">
              {data.supply.reading}; {data.supply.limits}. {data.supply.why}
            </span>
          </span>
          <Jaws line={data.supply} />
          <span className="w-[64px] text-[15px]">{verdictWords(data.supply)}</span>
        </div>
      )}
    </section>
  );
}
