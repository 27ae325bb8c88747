import { useState } from 'react';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { duration } from '../../shared/time';
import type { StageProps } from '../JobFrame';
import { Bags } from './Bags';
import { FindingCard } from './FindingCard';
import { FindingTag } from './FindingTag';
import { NewFinding, type Tapped } from './NewFinding';

/** Papers, parts, and everything wrong with the aircraft, tapped on the drawing. */
export function Unpack({ job, recorder }: StageProps) {
  const { data } = useStage(job.id, 'unpack');
  const [tapped, setTapped] = useState<Tapped>();
  const [chosen, setChosen] = useState<string>();
  if (!data) return <Mat title="Unpack" aside="opening…">{null}</Mat>;

  const missing = data.papers.filter((p) => !p.found);
  const openBag = data.bags.find((b) => !b.counted);
  const main = missing[0]
    ? { label: `Found: ${missing[0].paper}`, run: () => void recorder.record('unpack/papers', { paper: missing[0]!.paper }) }
    : openBag
      ? { label: `Bag ${openBag.bag}: all here`, run: () => void recorder.record('unpack/bag-counted', { bag: openBag.bag, allHere: true }) }
      : { label: 'All counted', run: () => undefined };
  const quiet = !missing[0] && !openBag;

  return (
    <>
      <Mat title="Unpack" aside="tap the drawing where something is wrong">
        <Drawing
          drawing={job.drawing}
          mode="plain"
          selected={tapped?.place}
          onTap={(place, y, x) => !job.released && (setTapped({ place, x: Math.round(x), y: Math.round(y) }), setChosen(undefined))}
          over={(px) => (
            <>
              {job.findings.map((f) => (
                <circle key={f.id} cx={f.y} cy={f.x} r={Math.max(f.size / 2, 6 * px)} fill={f.cleared ? 'none' : 'url(#hatch)'} stroke={f.cleared ? 'var(--line)' : 'var(--red-mat)'} strokeWidth={2 * px} strokeDasharray={f.cleared ? `${4 * px} ${3 * px}` : undefined} />
              ))}
              {tapped && <path d={`M${tapped.y - 12 * px} ${tapped.x}h${24 * px}M${tapped.y} ${tapped.x - 12 * px}v${24 * px}`} stroke="var(--red-mat)" strokeWidth={3 * px} />}
            </>
          )}
          tags={(place) => job.findings.map((f) => <FindingTag key={f.id} finding={f} place={place} chosen={f.id === chosen} onChoose={() => (setChosen(f.id), setTapped(undefined))} />)}
        />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={tapped ? <div data-region="act" /> : <Act label={main.label} onAct={main.run} disabled={recorder.busy || job.released || quiet} hint={quiet ? 'what is missing is counted below when it comes' : undefined} />}
      >
        {tapped ? (
          <NewFinding job={job} recorder={recorder} tapped={tapped} onPlace={setTapped} onDone={() => setTapped(undefined)} />
        ) : (
          <>
            <section aria-label="Papers">
              <h2 className="text-[22px] font-bold">Papers first</h2>
              <div className="grid grid-cols-2 gap-2 pt-2">
                {data.papers.map((p) => (
                  <button key={p.paper} className="button text-left" aria-pressed={p.found} disabled={job.released} onClick={() => !p.found && void recorder.record('unpack/papers', { paper: p.paper })}>
                    {p.paper}
                    <span className="float-right">{p.found ? 'found' : 'not yet'}</span>
                  </button>
                ))}
              </div>
            </section>
            <Bags job={job} recorder={recorder} bags={data.bags} extra={data.extra} />
            <p className="border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
              {data.minutesPossible < data.minutesAll ? `Without what is missing, ${duration(data.minutesPossible)} of ${duration(data.minutesAll)} of work remain possible.` : `Nothing is known to be missing: all ${duration(data.minutesAll)} of work are possible.`}
            </p>
            <section aria-label="Findings" data-region="list" className="py-4">
              <h2 className="text-[22px] font-bold">Findings</h2>
              {data.findings.length === 0 && <p className="text-[16px] text-pencil">None yet. Tap the drawing, or</p>}
              {!job.released && (
                <button className="button mt-2" onClick={() => setTapped({ place: job.drawing.parts[0]!.id, x: Math.round(job.drawing.parts[0]!.atDown), y: Math.round(job.drawing.parts[0]!.atAcross) })}>
                  record a finding from the list of parts
                </button>
              )}
              {data.findings.map((f) => (
                <FindingCard key={f.id} job={job} recorder={recorder} finding={f} chosen={f.id === chosen} />
              ))}
            </section>
          </>
        )}
      </Paper>
    </>
  );
}
