import type { Schemas } from '../api/client';
import { Jaws, verdictWords } from './Jaws';

/** A requirement as a row: name, limits, reading, mark and word; the reason when it is not met. */
export function LineRow({ line, name, quiet }: { line: Schemas['LedgerLine']; name?: string; quiet?: boolean }) {
  return (
    <div className="border-b border-steel py-1">
      <div className="flex min-h-[40px] items-center gap-3 text-[17px]">
        <span className="min-w-0 flex-1">
          {name ?? line.text}
          <span className="block text-[14px] text-pencil">{line.limits}</span>
          {!quiet && line.decided && <span className="block text-[14px] text-pencil">{line.decided}</span>}
        </span>
        <span className={`text-right whitespace-nowrap ${line.standing === 'notMet' ? 'text-red' : ''}`}>
          {line.reading || <span className="text-pencil">not yet</span>}
        </span>
        <Jaws line={line} />
        <span className={`w-[84px] text-[16px] ${line.standing === 'notMet' ? 'text-red' : ''}`}>
          {verdictWords(line)}
        </span>
      </div>
      {!quiet && line.open && line.standing !== 'notShown' && <p className="pb-1 text-[15px]">{line.why}</p>}
    </div>
  );
}
