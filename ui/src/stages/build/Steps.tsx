import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useMe } from '../../api/me';
import { may } from '../../api/record';
import { useServerNow, useShop, useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Acts } from '../../shared/look/Acts';
import { type Holding, HoldingForm } from '../../shared/look/HoldingForm';
import { Erratum } from '../../shared/Erratum';
import { ErratumForm } from '../../shared/ErratumForm';
import { Mat, Paper } from '../../shared/Paper';
import { clock, duration } from '../../shared/time';
import type { Props } from './entries';
import { ClosedEarlier } from './ClosedEarlier';
import { Loops } from './Loops';
import { StepList } from './StepList';
import { StepPower } from '../../shared/StepPower';

type Step = Schemas['StepView'];
type Where = 'build' | 'wire' | 'check';

/** The steps of a stage in order: only what may be done now can be started; everything else says what it waits for. */
export function Steps({ job, recorder, stage }: Props & { stage: Where }) {
  const { data } = useStage(job.id, 'steps');
  const { data: shop } = useShop();
  const me = useMe();
  const [chosen, setChosen] = useState<string>();
  const [adhesive, setAdhesive] = useState('');
  const [celsius, setCelsius] = useState('');
  const [grams, setGrams] = useState('');
  const [why, setWhy] = useState('');
  const now = useServerNow(job.now, 15_000);
  if (!data || !shop)
    return (
      <Mat title="Steps" aside="opening…">
        {null}
      </Mat>
    );

  // What has no list of its own is done here.
  const elsewhere: readonly string[] =
    stage === 'build' ? ['receive', 'unpack', 'plan', 'bind', 'throws', 'handOver'] : [];
  const steps = data.steps.filter((s) => s.stage === stage || elsewhere.includes(s.stage));
  const step =
    steps.find((s) => s.id === chosen) ??
    steps.find((s) => s.standing === 'underWay') ??
    steps.find((s) => s.standing === 'canStart') ??
    steps.find((s) => s.standing === 'waitsFor') ??
    steps[0];
  const glue = shop.adhesives.find((a) => a.id === adhesive);
  const harm = step?.harms.find((h) => h.adhesive === adhesive)?.harm;
  const lost = stage === 'build' ? data.errata.filter((e) => !data.steps.some((s) => s.id === e.step)) : [];
  const title = stage.charAt(0).toUpperCase() + stage.slice(1);

  const start = async (s: Step, held?: Holding) => {
    if (await recorder.record('build/step-started', { step: s.id, ...(held ? { held } : {}) })) setChosen(s.id);
  };
  const done = async (s: Step) => {
    const bond =
      s.isBond && glue
        ? { adhesive: glue.id, ...(celsius.trim() && { benchCelsius: celsius }), ...(harm && { reason: why }) }
        : {};
    const added = s.isRepair && grams.trim() ? { grams } : {};
    if (!(await recorder.record('build/step-done', { step: s.id, ...bond, ...added }))) return;
    setChosen(undefined);
    setAdhesive('');
    setGrams('');
    setWhy('');
  };
  const act: { label: string; run: () => void; off: boolean; hint?: string | undefined } = !step
    ? { label: 'Nothing to do here', run: () => undefined, off: true }
    : step.standing === 'underWay'
      ? {
          label: step.isBond ? 'Joint closed, done' : 'Done',
          run: () => void done(step),
          off: step.isBond && !glue,
          hint: 'say which glue was used',
        }
      : step.standing === 'canStart'
        ? { label: 'Start', run: () => void start(step), off: step.mayTurn, hint: 'say above who holds it' }
        : {
            label: step.standing === 'waitsFor' ? 'Waits' : step.standing === 'curing' ? 'Done, curing' : 'Done',
            run: () => undefined,
            off: true,
            hint: step.standing === 'waitsFor' ? 'see what it waits for' : undefined,
          };

  const highlight = new Set(step?.fits);
  return (
    <>
      <Mat
        title={title}
        aside={`${steps.filter((s) => s.standing === 'done' || s.standing === 'curing').length} of ${steps.length} steps done`}
      >
        <Drawing
          drawing={job.drawing}
          mode="fit"
          highlight={highlight}
          foot="dotted not fitted · nose up, seen from above"
        />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          <Act
            label={act.label}
            onAct={act.run}
            disabled={act.off || recorder.busy || job.released}
            hint={act.off ? act.hint : undefined}
          />
        }
      >
        {lost.map((e) => (
          <Erratum key={e.id} of={e}>
            <p className="text-[15px]">It was met at “{e.title}”, a step that this sheet does not have.</p>
          </Erratum>
        ))}
        {step && <StepNow step={step} now={now} errata={data.errata.filter((e) => e.step === step.id)} />}
        {step && !step.isRepair && may(me, 'unpack/erratum') && !job.released && (
          <Wrong key={step.id} step={step} steps={data.steps} recorder={recorder} />
        )}
        {step?.mayTurn && step.standing === 'canStart' && !job.released && (
          <HoldingForm key={step.id} label="Start, held" onHeld={(held) => void start(step, held)} />
        )}
        {step?.standing === 'curing' && may(me, 'build/cure-began') && !job.released && (
          <ClosedEarlier key={step.id} step={step} recorder={recorder} now={now} />
        )}
        {step?.isBond && step.standing === 'underWay' && (
          <div className="mt-3 flex gap-3 border-t border-steel pt-3">
            <label className="min-w-0 flex-1 text-[14px] text-pencil">
              adhesive used, time to handle
              <select className="field text-[17px]" value={adhesive} onChange={(e) => setAdhesive(e.target.value)}>
                <option value="" disabled>
                  which one?
                </option>
                {shop.adhesives.map((a) => (
                  <option key={a.id} value={a.id}>
                    {a.name}, {duration(a.handleMinutes)}
                  </option>
                ))}
              </select>
            </label>
            <label className="w-[96px] text-[14px] text-pencil">
              bench, °C
              <input
                className="field text-[17px]"
                inputMode="decimal"
                placeholder="cold"
                value={celsius}
                onChange={(e) => setCelsius(e.target.value)}
              />
            </label>
          </div>
        )}
        {harm && step?.standing === 'underWay' && (
          <label className="mt-3 block border-l-[6px] border-red bg-paper px-3 py-1 text-[17px]">
            <strong className="text-red">{glue?.name} harms this joint:</strong> {harm}. Take another. If it is in
            already, say why; a lead decides then.
            <input className="field text-[17px]" value={why} onChange={(e) => setWhy(e.target.value)} />
          </label>
        )}
        {step?.isRepair && step.standing === 'underWay' && (
          <label className="mt-3 block border-t border-steel pt-3 text-[14px] text-pencil">
            added, g (0 leaves weight and balance as they were; left empty, both are shown again)
            <input
              className="field w-[120px] text-[17px]"
              inputMode="decimal"
              value={grams}
              onChange={(e) => setGrams(e.target.value)}
            />
          </label>
        )}
        {step && (step.standing === 'done' || step.standing === 'curing') && !job.released && (
          <NotDone key={step.id} step={step} recorder={recorder} />
        )}
        <StepList
          steps={steps}
          current={step}
          errata={new Set(data.errata.map((e) => e.step))}
          onChoose={setChosen}
          now={now}
        />
        {stage === 'check' && <Acts job={job} recorder={recorder} of={['fullPowerRun', 'rangeWithMotor', 'taxi']} />}
        {stage === 'build' && <Loops job={job} recorder={recorder} data={data} />}
      </Paper>
    </>
  );
}

/** Proposes to put the manual right at this step. */
function Wrong({ step, steps, recorder }: { step: Step; steps: readonly Step[]; recorder: Props['recorder'] }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <ErratumForm recorder={recorder} steps={steps} step={step} onDone={() => setOpen(false)} />
  ) : (
    <button type="button" className="mr-6 min-h-[44px] text-[15px] text-pencil underline" onClick={() => setOpen(true)}>
      the manual is wrong or silent here
    </button>
  );
}

/** A step tapped done by a slip is under way again; what it disturbed stays disturbed. */
function NotDone({ step, recorder }: { step: Step; recorder: Props['recorder'] }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <button type="button" className="min-h-[44px] text-[15px] text-pencil underline" onClick={() => setOpen(true)}>
        not done after all
      </button>
    );
  return (
    <div className="flex gap-2 pt-2">
      <input
        className="field min-w-0 flex-1"
        aria-label="What is not done"
        placeholder="what is not done"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <button
        type="button"
        className="button dark"
        disabled={!reason.trim()}
        onClick={() => void recorder.record('build/step-undone', { step: step.id, reason })}
      >
        Not done
      </button>
    </div>
  );
}

function StepNow({ step, now, errata }: { step: Step; now: number; errata: readonly Schemas['ErratumView'][] }) {
  return (
    <section aria-label={step.title}>
      <h2 className="text-[26px] leading-tight font-bold">{step.title}</h2>
      <p className="text-[16px] text-pencil">
        {duration(step.handsOn)} with hands on it{step.page && ` · sheet page ${step.page}`}
        {step.bondWords && ` · bond, ${step.bondWords}`}
      </p>
      {errata.map((e) => (
        <Erratum key={e.id} of={e} />
      ))}
      {step.decided.map((d) => (
        <p key={d} className="mt-2 border-l-[6px] border-steel px-3 py-1 text-[16px]">
          <strong>The manual says two things.</strong> {d}
        </p>
      ))}
      {step.cautions.map((c) => (
        <p key={c} className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
          <strong>Caution.</strong> {c}
        </p>
      ))}
      <StepPower step={step} />
      {step.text && <p className="pt-2 text-[18px]">{step.text}</p>}
      {step.parts.length > 0 && (
        <ul className="pt-2 text-[17px]">
          {step.parts.map((p) => (
            <li key={p.name} className={p.inHand < p.needed ? 'text-red' : ''}>
              {p.needed} × {p.name}
              {p.inHand < p.needed && `, ${p.inHand} in hand`}
            </li>
          ))}
        </ul>
      )}
      {step.tools.length > 0 && <p className="pt-1 text-[16px] text-pencil">Tools: {step.tools.join(', ')}</p>}
      {step.waitsFor.length > 0 && (
        <div className="pt-2">
          <h3 className="text-[17px] font-bold">Waits for</h3>
          <ul className="list-disc pl-5 text-[17px]">
            {step.waitsFor.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </ul>
        </div>
      )}
      {step.handleAt && (
        <p className="pt-2 text-[17px]">
          {step.adhesive}:{' '}
          {new Date(step.handleAt).getTime() > now
            ? `handle in ${duration((new Date(step.handleAt).getTime() - now) / 60_000)}`
            : `can be handled since ${clock(step.handleAt)}`}
          {step.fullAt &&
            new Date(step.fullAt).getTime() > now &&
            `, full strength in ${duration((new Date(step.fullAt).getTime() - now) / 60_000)}`}
        </p>
      )}
    </section>
  );
}
