import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import { Begin, useOpenAct } from '../../shared/look/Acts';
import type { Props } from './entries';

/** The failsafe look: begun first, then the transmitter honestly off, then what was seen. */
export function Failsafe({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  const open = useOpenAct(job, 'failsafe');
  const act = job.lamps.acts.find((a) => a.act === 'failsafe')!;
  const motors = data.motors.length > 0;
  const answer = (behaviour: Schemas['Entry.FailsafeSeen']['behaviour']) =>
    void recorder.record('bind/failsafe', { behaviour, note: '' });
  return (
    <section aria-label="Failsafe">
      <h2 className="text-[25px] font-bold">Failsafe</h2>
      <p className="pt-1 text-[18px]">Declared: {data.failsafeDeclared}.</p>
      {data.failsafe.standing !== 'notShown' && <p className="pt-2 text-[17px] text-red">{data.failsafe.why}</p>}
      {!open && (
        <>
          <p className="pt-1 text-[17px]">
            The transmitter is switched off with the pack connected. Begin it first; then it is no mistake.
          </p>
          {motors && (
            <p className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
              <strong>Caution.</strong> Motors isolated, aircraft held, nobody in the plane of a propeller.
            </p>
          )}
          <Begin act={act} label="Begin the failsafe look" recorder={recorder} disabled={job.released} large />
        </>
      )}
      {open && !open.reached && <p className="pt-2 text-[18px]">Say above that the transmitter is off; then look.</p>}
      {open?.reached && (
        <div className="flex flex-col gap-2 pt-3">
          <p className="text-[18px]">What did {motors ? 'motor and surfaces' : 'the surfaces'} do?</p>
          <button
            type="button"
            className="button dark min-h-[60px] text-[19px] font-bold"
            disabled={recorder.busy}
            onClick={() => answer('asDeclared')}
          >
            As declared
          </button>
          {each(WORDS.failsafeBehaviour)
            .filter(([b]) => b !== 'asDeclared' && (motors || b !== 'motorRuns'))
            .map(([behaviour, words]) => (
              <button
                type="button"
                key={behaviour}
                className="button min-h-[52px]"
                disabled={recorder.busy}
                onClick={() => answer(behaviour)}
              >
                {words}
              </button>
            ))}
        </div>
      )}
    </section>
  );
}
