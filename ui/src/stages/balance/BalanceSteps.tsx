import { useStage } from '../../api/queries';
import { type Holding, HoldingForm } from '../../shared/look/HoldingForm';
import { Erratum } from '../../shared/Erratum';
import { Asks } from '../../shared/step/Asks';
import { WithReason } from '../../shared/WithReason';
import { StepPower } from '../../shared/StepPower';
import type { Props } from './entries';

/** The steps that belong before the weighing, such as the propeller. */
export function BalanceSteps({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'steps');
  const steps = data?.steps.filter((s) => s.stage === 'balance') ?? [];
  if (steps.length === 0) return null;
  const start = (step: string, held?: Holding) =>
    void recorder.record('build/step-started', { step, ...(held ? { held } : {}) });
  return (
    <section aria-label="Before weighing" className="py-4">
      <h3 className="text-[18px] font-bold">Before weighing</h3>
      {steps.map((s) => (
        <div key={s.id} className="border-b border-steel py-2">
          <div className="flex min-h-[48px] items-center gap-3 text-[17px]">
            <span className="min-w-0 flex-1">
              {s.title}
              {s.waitsFor.length > 0 && (
                <span className="block text-[14px] text-pencil">waits for {s.waitsFor.join('; ')}</span>
              )}
            </span>
            {s.standing === 'canStart' && !s.mayTurn && (
              <button type="button" className="button" disabled={job.released} onClick={() => start(s.id)}>
                start
              </button>
            )}
            {s.standing === 'underWay' && (
              <button
                type="button"
                className="button dark"
                onClick={() => void recorder.record('build/step-done', { step: s.id })}
              >
                done
              </button>
            )}
            {s.standing === 'done' && <span className="text-pencil">done</span>}
          </div>
          {data?.errata
            .filter((e) => e.step === s.id)
            .map((e) => (
              <Erratum key={e.id} of={e} />
            ))}
          {(s.standing === 'canStart' || s.standing === 'underWay') && <StepPower step={s} />}
          {s.standing === 'underWay' && (
            <Asks
              job={job.id}
              step={s}
              when={['dry', 'open', 'closing']}
              title={`Asked at: ${s.title}`}
              recorder={recorder}
              now={job.now}
            />
          )}
          {s.standing === 'underWay' && s.asks.some((a) => a.measure && a.right === false) && (
            <WithReason
              link="it stays so"
              label="Why it stays so"
              placeholder="why; its line stays open"
              act="Done all the same"
              busy={recorder.busy}
              onSay={(reason) => recorder.record('build/step-done', { step: s.id, reason })}
            />
          )}
          {s.standing === 'canStart' && s.mayTurn && !job.released && (
            <HoldingForm label="start, held" onHeld={(held) => start(s.id, held)} />
          )}
          {(s.standing === 'canStart' || s.standing === 'underWay') &&
            s.cautions.map((c) => (
              <p key={c} className="mt-1 border-l-[6px] border-tape bg-tape-wash px-3 py-1 text-[16px]">
                <strong>Caution.</strong> {c}
              </p>
            ))}
        </div>
      ))}
    </section>
  );
}
