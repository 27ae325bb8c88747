import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useMe } from '../../api/me';
import { may } from '../../api/record';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import type { Props } from './entries';
import { Concede } from './Concede';
import { OpenLine } from './OpenLine';
import { Sealed } from './Sealed';
import { toStage } from '../../shared/stageKeys';

type Line = Schemas['LedgerLine'];

/** The ledger: what is still open, hatched; tap goes to the place that mends it. Closed, the record is released. */
export function HandOver({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'handover');
  const me = useMe();
  const [conceding, setConceding] = useState<Line>();
  if (!data)
    return (
      <Mat title="Hand over" aside="opening…">
        {null}
      </Mat>
    );

  const open = data.ledger.filter((l) => l.open);
  const conceded = data.ledger.filter((l) => l.standing === 'conceded');
  const closed = data.ledger.filter((l) => !l.open && l.standing !== 'conceded');
  return (
    <>
      <Mat
        title="Hand over"
        aside={
          data.release
            ? `released, record ${data.release.number}`
            : `${closed.length + conceded.length} of ${data.ledger.length} shown`
        }
      >
        <Drawing drawing={job.drawing} mode="throws" />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          data.release ? (
            <div data-region="act" className="flex h-[84px] shrink-0 border-t-2 border-ink">
              <a
                data-act
                className="flex flex-1 items-center justify-center bg-act text-[23px] font-bold text-on-act"
                href={`/api/jobs/${job.id}/records/${data.release.number}.pdf`}
                target="_blank"
                rel="noreferrer"
              >
                Open the record
              </a>
            </div>
          ) : (
            <Act
              label="Release"
              onAct={() => void recorder.record('handover/released', {})}
              disabled={recorder.busy}
              hint={open.length > 0 ? `${open.length} open: release will be refused` : undefined}
            />
          )
        }
      >
        {data.release ? (
          <Sealed job={job} recorder={recorder} data={data} />
        ) : (
          <>
            <h2 className="text-[25px] leading-tight font-bold">
              {open.length === 0 ? 'Everything is shown' : `${open.length} open`}
            </h2>
            {open.length === 0 && (
              <p className="text-[17px]">Release seals the record: the ledger, and the paper as it is then printed.</p>
            )}
            {data.timerMinutes !== null && (
              <p className="text-[16px] text-pencil">
                Flight timer: {data.timerMinutes} min, four fifths of the pack at mean draw.
              </p>
            )}
            {conceding && <Concede line={conceding} recorder={recorder} onDone={() => setConceding(undefined)} />}
            <ul data-region="list" className="pt-2">
              {open.map((l) => (
                <OpenLine
                  key={l.id}
                  jobId={job.id}
                  line={l}
                  canConcede={may(me, 'handover/conceded')}
                  onConcede={() => setConceding(l)}
                />
              ))}
            </ul>
            {conceded.length > 0 && <h3 className="pt-4 text-[18px] font-bold">Conceded</h3>}
            {conceded.map((l) => (
              <p key={l.id} className="border-b border-steel py-2 text-[16px]">
                <strong>{l.text}</strong> {l.reading}. {l.why}
              </p>
            ))}
            {data.earlier.map((r) => (
              <a
                key={r.number}
                className="flex min-h-[44px] items-center underline"
                href={`/api/jobs/${job.id}/records/${r.number}.pdf`}
                target="_blank"
                rel="noreferrer"
              >
                earlier record {r.number}
              </a>
            ))}
            <details className="py-3">
              <summary className="flex min-h-[44px] cursor-pointer items-center text-[16px] underline">
                {closed.length} shown
              </summary>
              {closed.map((l) => (
                <Link
                  key={l.id}
                  to={toStage(job.id, l.stage)}
                  className="flex min-h-[40px] items-center gap-2 border-b border-steel text-[15px]"
                >
                  <span className="min-w-0 flex-1 truncate">{l.text}</span>
                  <span>{l.reading}</span>
                </Link>
              ))}
            </details>
          </>
        )}
      </Paper>
    </>
  );
}
