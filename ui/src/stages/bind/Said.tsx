import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';

/** A line's mark and word, what was seen, and why it stands so. */
export function Said({ line }: { line: Schemas['LedgerLine'] }) {
  return (
    <div className="flex items-center gap-3 py-1 text-[17px]">
      <Jaws line={line} />
      <strong className={line.standing === 'notMet' ? 'text-red' : ''}>{verdictWords(line)}</strong>
      <span className={`min-w-0 flex-1 text-[16px] leading-snug ${line.standing === 'notMet' ? 'text-red' : ''}`}>
        {line.standing === 'met' && line.reading ? line.reading : line.why}
      </span>
    </div>
  );
}
