import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { leads, useMe } from '../../api/me';
import { may } from '../../api/record';
import { useShop } from '../../api/queries';
import type { Recorder } from './entries';
import { inSight } from '../../shared/inSight';
import { Pictures } from '../../shared/Pictures';
import { duration } from '../../shared/time';
import { FindingErratum } from './FindingErratum';
import { FindingMore } from './FindingMore';
import { WaysOut } from './WaysOut';

type Props = { job: Schemas['JobView']; recorder: Recorder; finding: Schemas['FindingView']; chosen: boolean };

/** One finding: grade by rule, where it came from, pictures, what was decided, its repair, and who looked again. */
export function FindingCard({ job, recorder, finding: f, chosen }: Props) {
  const { data: shop } = useShop();
  const me = useMe();
  const [text, setText] = useState('');
  const [glue, setGlue] = useState('');
  const [anew, setAnew] = useState(false);
  const box = useRef<HTMLElement>(null);
  const [grams, setGrams] = useState('');
  const [why, setWhy] = useState('');
  const [sealed, setSealed] = useState(false);
  const [wiggled, setWiggled] = useState(false);
  const { record } = recorder;
  useEffect(() => {
    if (chosen) inSight(box.current);
  }, [chosen]);

  const decide = (disposition: NonNullable<Schemas['Disposition']>) =>
    void record('unpack/disposition', { finding: f.id, disposition, reason: text }).then((ok) => {
      if (!ok) return;
      setText('');
      setAnew(false);
    });
  const repaired = () =>
    void record('unpack/repaired', {
      finding: f.id,
      how: text,
      adhesive: glue && glue !== 'none' ? glue : null,
      noGlue: glue === 'none',
      ...(grams.trim() && { grams }),
      ...(harm && { reason: why }),
    }).then((ok) => ok && setText(''));
  const looked = (sound: boolean) =>
    void record('unpack/reinspected', {
      finding: f.id,
      sound,
      note: text,
      ...(f.behind && { sealed }),
      ...(f.wiggles && { wiggled }),
    });
  const harm = f.harms.find((h) => h.adhesive === glue)?.harm;
  const grave = f.grade === 'flightCritical' || f.grade === 'structural';
  const deciding = !f.disposition || anew;
  const repairing = !anew && (f.disposition === 'repair' || f.disposition === 'replace') && !f.repairedHow;

  return (
    <article
      ref={box}
      aria-label={`Finding ${f.tag}`}
      className={`mt-3 border-2 p-3 ${f.cleared ? 'border-steel' : 'border-red'} ${chosen ? 'bg-tape-wash' : ''}`}
    >
      <h3 className="text-[18px] leading-tight">
        <strong>{f.tag}</strong> {f.what}, {f.placeName}
        {f.behind && <span className="text-pencil">, behind {f.behind}</span>}
      </h3>
      <p className="text-[16px]">
        <strong>{f.gradeWords}</strong>{' '}
        <span className="text-[15px] text-pencil">
          {f.rule}: {f.ruleText}
        </span>
      </p>
      <p className="text-[15px]">
        From <strong>{f.originWords}</strong>. {f.originWhy} {f.claimable ? 'A claim stands.' : 'No claim stands.'}
      </p>
      {f.note && (
        <p className="text-[15px]">
          <bdi>{f.note}</bdi>
        </p>
      )}
      <div className="pt-2">
        <Pictures
          photos={f.photos}
          label={`finding ${f.tag}`}
          disabled={job.released}
          onTaken={(hash) => record('unpack/photo', { finding: f.id, hash, note: '' })}
        />
      </div>
      <p className="pt-1 text-[16px] font-bold">{f.standing}</p>
      {!f.cleared && !job.released && (
        <div className="flex flex-col gap-2 pt-2">
          {deciding && (
            <>
              <input
                className="field"
                aria-label="Reason"
                placeholder="reason, where one is needed"
                value={text}
                onChange={(e) => setText(e.target.value)}
              />
              <WaysOut ways={f.waysOut} onDecide={decide} />
            </>
          )}
          {repairing && (
            <>
              <p className="text-[15px]">
                It is a step of the job:{' '}
                <Link className="underline" to={`/jobs/${job.id}/build`}>
                  {f.disposition === 'replace' ? 'Replace' : 'Repair'} {f.tag}
                </Link>
                . Or say here what was done:
              </p>
              <input
                className="field"
                aria-label="How it was repaired"
                placeholder="how it was repaired"
                value={text}
                onChange={(e) => setText(e.target.value)}
              />
              <select className="field" aria-label="Glue" value={glue} onChange={(e) => setGlue(e.target.value)}>
                <option value="" disabled>
                  which glue?
                </option>
                <option value="none">no glue</option>
                {shop?.adhesives.map((a) => (
                  <option key={a.id} value={a.id}>
                    {a.name}, handle after {duration(a.handleMinutes)}
                  </option>
                ))}
              </select>
              {harm && (
                <label className="border-l-[6px] border-red px-3 text-[16px]">
                  <strong className="text-red">Harmful here:</strong> {harm}. Take another; if it is in already, say
                  why:
                  <input className="field" value={why} onChange={(e) => setWhy(e.target.value)} />
                </label>
              )}
              <label className="text-[14px] text-pencil">
                added, g (0: weight and balance stay as shown; empty: both are shown again)
                <input className="field" inputMode="decimal" value={grams} onChange={(e) => setGrams(e.target.value)} />
              </label>
              <button type="button" className="button dark font-bold" onClick={repaired}>
                {f.disposition === 'replace' ? 'Replaced' : 'Repaired'}
              </button>
            </>
          )}
          {!deciding && !f.repairedHow && (
            <button
              type="button"
              className="min-h-[44px] self-start text-[15px] underline"
              onClick={() => setAnew(true)}
            >
              decide otherwise
            </button>
          )}
          {f.behind && f.repairedHow && (
            <Tick on={sealed} onTick={setSealed} label={`the seal of ${f.behind} holds all round`} />
          )}
          {f.wiggles && f.repairedHow && (
            <Tick on={wiggled} onTick={setWiggled} label="its plug was wiggled while it was called out" />
          )}
          {f.dries && !f.repairedHow && (
            <div className="grid grid-cols-2 gap-2">
              <button type="button" className="button dark" onClick={() => looked(true)}>
                looked again: dry
              </button>
              <button type="button" className="button" onClick={() => looked(false)}>
                still tacky
              </button>
            </div>
          )}
          {f.repairedHow && (
            <>
              <p className="text-[15px] text-pencil">
                Repaired by {f.repairedBy}: {f.repairedHow}.
                {grave && !leads(me)
                  ? ' A lead must look at it.'
                  : f.repairedBy === me?.name && ' Somebody else must look at it.'}
              </p>
              <div className="grid grid-cols-2 gap-2">
                <button type="button" className="button dark" onClick={() => looked(true)}>
                  looked again: sound
                </button>
                <button type="button" className="button" onClick={() => looked(false)}>
                  not sound
                </button>
              </div>
            </>
          )}
          <FindingMore recorder={recorder} finding={f} />
          {may(me, 'unpack/erratum') && <FindingErratum job={job} recorder={recorder} finding={f} />}
        </div>
      )}
    </article>
  );
}

/** One thing that must have been looked at beside the repair itself. */
function Tick({ on, onTick, label }: { on: boolean; onTick: (on: boolean) => void; label: string }) {
  return (
    <label className="flex min-h-[44px] items-center gap-3 text-[16px]">
      <input type="checkbox" className="h-6 w-6" checked={on} onChange={(e) => onTick(e.target.checked)} />
      {label}
    </label>
  );
}
