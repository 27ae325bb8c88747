import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import type { Props } from './entries';

/** Which way each motor turns: by a flag of tape on the bare shaft, a fan by its airflow. */
export function Motors({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  const open = useOpenAct(job, 'motorDirection');
  if (data.motors.length === 0) return null;
  const act = job.lamps.acts.find((a) => a.act === 'motorDirection')!;
  const fan = data.motors.every((m) => m.fan);
  return (
    <section aria-label="Motor direction" className="pt-4">
      <h3 className="border-b border-steel text-[18px] font-bold">
        {fan ? 'Airflow of the fan' : 'Which way the motors turn'}
      </h3>
      {data.motors.map((m) => (
        <div key={m.id} className="border-b border-steel py-2">
          <div className="flex items-center gap-3 px-2 text-[17px]">
            <span className="min-w-0 flex-1">
              {m.line.text}
              <span className="block text-[14px] text-pencil">
                {m.line.standing === 'notShown' ? `should be: ${m.expected}` : m.line.why}
              </span>
            </span>
            <Jaws line={m.line} />
            <span className={`w-[90px] ${m.line.standing === 'notMet' ? 'text-red' : ''}`}>{verdictWords(m.line)}</span>
          </div>
          {open?.reached && (
            <div className="flex gap-1 pt-2">
              {each(WORDS.motorTurn).map(([turned, words]) => (
                <button
                  type="button"
                  key={turned}
                  className="button min-h-[52px] flex-1 px-1 text-[16px]"
                  disabled={recorder.busy}
                  onClick={() => void recorder.record('bind/motor-turned', { motor: m.id, turned })}
                >
                  {words}
                </button>
              ))}
            </div>
          )}
        </div>
      ))}
      {!job.released && !open && (
        <>
          <p className="pt-2 text-[16px]">{act.do}</p>
          <Begin
            act={act}
            label={fan ? 'Begin: feel the airflow' : 'Begin: tape on the bare shaft'}
            recorder={recorder}
          />
        </>
      )}
      {open && !open.reached && (
        <p className="pt-2 text-[16px]">Say above that the throttle is live; then touch the stick and look.</p>
      )}
    </section>
  );
}
