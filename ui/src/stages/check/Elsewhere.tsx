import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { toStage } from '../../shared/stageKeys';

/** What other stages have shown and the last look reads again: what is open leads to where it is done. */
export function Elsewhere({ jobId, lines }: { jobId: string; lines: readonly Schemas['LedgerLine'][] }) {
  const open = lines.filter((l) => l.open);
  const shown = lines.length - open.length;
  if (lines.length === 0) return null;
  return (
    <section aria-label="Shown at other stages" className="pb-3">
      <h3 className="border-b border-steel text-[18px] font-bold">
        Shown at other stages{shown > 0 && <span className="font-normal"> · {shown} stand</span>}
      </h3>
      {open.map((l) => (
        <Link
          key={l.id}
          to={toStage(jobId, l.stage)}
          className="flex min-h-[52px] items-center gap-3 border-b border-steel px-2 py-1 text-[16px]"
        >
          <span className="min-w-0 flex-1 leading-tight">
            {l.text}
            <span className={`block text-[15px] ${l.standing === 'notMet' ? 'text-red' : 'text-pencil'}`}>{l.why}</span>
          </span>
          <Jaws line={l} />
          <span className="w-[64px] text-[15px]">{verdictWords(l)}</span>
        </Link>
      ))}
      {open.length === 0 && (
        <p className="py-2 text-[16px]">Failsafe, tilts, cycles, alarms, add-ons, trueness: all stand.</p>
      )}
    </section>
  );
}
