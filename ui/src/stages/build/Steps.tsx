import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useServerNow, useShop, useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { clock, duration } from '../../shared/time';
import type { StageProps } from '../JobFrame';
import { Loops } from './Loops';
import { StepList } from './StepList';

type Step = Schemas['StepView'];
type Where = 'build' | 'wire' | 'check';

const COMING: Record<Where, string> = {
  build: '',
  wire: 'Here will be the wiring as a whole: every lead along its real route, plugs pin for pin, power and polarity. Its steps are here already.',
  check:
    'Here will be trueness, propulsion under load, range, tilting the stabiliser and the outdoor trip. Its steps are here already.',
};

/** The steps of a stage in order: only what may be done now can be started; everything else says what it waits for. */
export function Steps({ job, recorder, stage }: StageProps & { stage: Where }) {
  const { data } = useStage(job.id, 'steps');
  const { data: shop } = useShop();
  const [chosen, setChosen] = useState<string>();
  const [adhesive, setAdhesive] = useState('');
  const [celsius, setCelsius] = useState('20');
  const now = useServerNow(job.now, 15_000);
  if (!data || !shop)
    return (
      <Mat title="Steps" aside="opening…">
        {null}
      </Mat>
    );

  const steps = data.steps.filter((s) => s.stage === stage);
  const step =
    steps.find((s) => s.id === chosen) ??
    steps.find((s) => s.standing === 'underWay') ??
    steps.find((s) => s.standing === 'canStart') ??
    steps.find((s) => s.standing === 'waitsFor') ??
    steps[0];
  const glue = shop.adhesives.find((a) => a.id === adhesive) ?? shop.adhesives[0];
  const title = stage.charAt(0).toUpperCase() + stage.slice(1);

  const start = async (s: Step) => {
    if (await recorder.record('build/step-started', { step: s.id })) setChosen(s.id);
  };
  const done = async (s: Step) => {
    const bond = s.isBond && glue ? { adhesive: glue, benchCelsius: Number(celsius.replace(',', '.')) } : {};
    if (await recorder.record('build/step-done', { step: s.id, ...bond })) setChosen(undefined);
  };
  const act = !step
    ? { label: 'Nothing to do here', run: () => undefined, off: true }
    : step.standing === 'underWay'
      ? { label: step.isBond ? 'Joint closed, done' : 'Done', run: () => void done(step), off: false }
      : step.standing === 'canStart'
        ? { label: 'Start', run: () => void start(step), off: false }
        : {
            label: step.standing === 'waitsFor' ? 'Waits' : step.standing === 'curing' ? 'Done, curing' : 'Done',
            run: () => undefined,
            off: true,
          };

  const highlight = new Set(
    step
      ? job.drawing.parts.filter((p) => step.fits.some((f) => p.id === f || p.id.startsWith(`${f}-`))).map((p) => p.id)
      : [],
  );
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
            hint={step && act.off && step.standing === 'waitsFor' ? 'see what it waits for' : undefined}
          />
        }
      >
        {COMING[stage] && <p className="mb-3 border-b border-steel pb-2 text-[15px] text-pencil">{COMING[stage]}</p>}
        {step && <StepNow step={step} now={now} />}
        {step?.isBond && step.standing === 'underWay' && (
          <div className="mt-3 flex gap-3 border-t border-steel pt-3">
            <label className="min-w-0 flex-1 text-[14px] text-pencil">
              adhesive used
              <select className="field text-[17px]" value={glue?.id} onChange={(e) => setAdhesive(e.target.value)}>
                {shop.adhesives.map((a) => (
                  <option key={a.id} value={a.id}>
                    {a.name}, handle after {duration(a.handleMinutes)}
                  </option>
                ))}
              </select>
            </label>
            <label className="w-[96px] text-[14px] text-pencil">
              bench, °C
              <input
                className="field text-[17px]"
                inputMode="decimal"
                value={celsius}
                onChange={(e) => setCelsius(e.target.value)}
              />
            </label>
          </div>
        )}
        <StepList steps={steps} current={step} onChoose={setChosen} now={now} />
        {stage === 'build' && <Loops job={job} recorder={recorder} data={data} />}
      </Paper>
    </>
  );
}

function StepNow({ step, now }: { step: Step; now: number }) {
  return (
    <section aria-label={step.title}>
      <h2 className="text-[26px] leading-tight font-bold">{step.title}</h2>
      <p className="text-[16px] text-pencil">
        {duration(step.handsOn)} with hands on it{step.page && ` · sheet page ${step.page}`}
        {step.bondWords && ` · bond, ${step.bondWords}`}
      </p>
      {step.cautions.map((c) => (
        <p key={c} className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
          <strong>Caution.</strong> {c}
        </p>
      ))}
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
