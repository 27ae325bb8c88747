import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import type { Props } from './entries';

/** The throttle cut, tried before anything else is: cut set, stick all the way up, shafts bare. */
export function Cut({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  const [on, setOn] = useState(data.ready.cutOn);
  const open = useOpenAct(job, 'cutProof');
  const act = job.lamps.acts.find((a) => a.act === 'cutProof');
  const line = data.ready.cut;
  if (!line || !act) return <p className="text-[18px]">There is no motor on this aircraft, and nothing to cut.</p>;
  const say = (seen: Schemas['Entry.CutProven']['seen']) => void recorder.record('bind/cut-proven', { on, seen });
  return (
    <section aria-label="Throttle cut">
      <h2 className="text-[25px] leading-tight font-bold">
        {open?.reached ? 'Stick all the way up: does anything turn?' : 'Throttle cut'}
      </h2>
      <div className="flex items-center gap-3 pt-1 text-[18px]">
        <Jaws line={line} />
        <strong>{verdictWords(line)}</strong>
        <span className="min-w-0 flex-1 text-[16px]">
          {line.reading ? `${line.reading}. ` : ''}
          {line.why}
        </span>
      </div>
      {!job.released && (
        <label className="block pt-3 text-[14px] text-pencil">
          the switch it is on, as its owner finds it
          <input
            className="field text-[20px] text-ink"
            placeholder="such as: left switch, away"
            value={on}
            onChange={(e) => setOn(e.target.value)}
          />
        </label>
      )}
      {!open && !job.released && (
        <>
          <p className="mt-3 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
            <strong>Caution.</strong>{' '}
            {data.motors.every((m) => m.fan) ? 'Intake clear, aircraft held. ' : 'Propellers off, aircraft held. '}
            {act.do}
          </p>
          <Begin act={act} label="Begin: try the cut" recorder={recorder} large />
        </>
      )}
      {open && !open.reached && (
        <p className="pt-3 text-[18px]">Say above that the transmitter is on with the cut set, then the pack.</p>
      )}
      {open?.reached && (
        <div className="flex flex-col gap-2 pt-3">
          <button
            type="button"
            className="button dark min-h-[60px] text-[19px] font-bold"
            disabled={recorder.busy || !on.trim()}
            onClick={() => say('still')}
          >
            Every shaft stood still
          </button>
          <button
            type="button"
            className="button min-h-[52px]"
            disabled={recorder.busy || !on.trim()}
            onClick={() => say('turned')}
          >
            a motor turned
          </button>
        </div>
      )}
    </section>
  );
}
