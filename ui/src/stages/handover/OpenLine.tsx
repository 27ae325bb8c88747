import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { toStage } from '../../shared/stageKeys';

type Props = { jobId: string; line: Schemas['LedgerLine']; canConcede: boolean; onConcede: () => void };

/** An open requirement with its reason; tapping it goes to the place that mends it. */
export function OpenLine({ jobId, line, canConcede, onConcede }: Props) {
  return (
    <li className="flex items-stretch border-b border-steel">
      <Link to={toStage(jobId, line.stage)} className="flex min-h-[56px] min-w-0 flex-1 items-center gap-3 py-1">
        <Jaws line={line} />
        <span className="min-w-0 flex-1">
          <span className="block text-[17px] leading-tight">
            <strong>{line.text}</strong> {line.reading}
          </span>
          <span className="block text-[14.5px] leading-tight text-pencil">
            {verdictWords(line)}: {line.why}
          </span>
        </span>
      </Link>
      {line.standing === 'notMet' && line.concedable !== 'never' && canConcede && (
        <button type="button" className="px-2 text-[15px] underline" onClick={onConcede}>
          concede
        </button>
      )}
    </li>
  );
}
