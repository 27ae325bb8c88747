import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useMe } from '../../api/me';
import { may } from '../../api/record';
import { useServerNow, useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { type Holding, HoldingForm } from '../../shared/look/HoldingForm';
import { Erratum } from '../../shared/Erratum';
import { ErratumForm } from '../../shared/ErratumForm';
import { inSight } from '../../shared/inSight';
import { Mat, Paper } from '../../shared/Paper';
import { Asks } from '../../shared/step/Asks';
import { type Chosen, GlueChoice } from '../../shared/step/GlueChoice';
import { GlueTimer } from '../../shared/step/GlueTimer';
import { Measure } from '../../shared/step/Measure';
import { useWide } from '../../shared/wide';
import { WithReason } from '../../shared/WithReason';
import { ClosedEarlier } from './ClosedEarlier';
import type { Props } from './entries';
import { Leftovers } from './Leftovers';
import { StepMat } from './StepMat';
import { Loops } from './Loops';
import { Minutes } from './Minutes';
import { OrderForm } from './OrderForm';
import { Servos } from './Servos';
import { StepCard } from './StepCard';
import { StepList } from './StepList';

type Step = Schemas['StepView'];
type Where = 'build' | 'wire' | 'check';
type Now = { label: string; run: () => void; off: boolean; hint?: string };

// What is done against a refusal says why.
const WHY: Readonly<Record<string, string>> = {
  'build/glue-time': 'why, if it is done all the same; it is pulled then once it has set',
  'build/untrue': 'why it stays so; its line stays open',
};
const NO_GLUE: Chosen = { adhesive: '', celsius: '', reason: '' };
const LIST_HEIGHT = 250;

/** The steps of a stage in order: only what may be done now can be started; everything else says what it waits for. */
export function Steps({ job, recorder, stage, head }: Props & { stage: Where; head?: React.ReactNode }) {
  const { data } = useStage(job.id, 'steps');
  const me = useMe();
  const wide = useWide();
  const [chosen, setChosen] = useState<string>();
  const [glue, setGlue] = useState(NO_GLUE);
  const [grams, setGrams] = useState('');
  const [helper, setHelper] = useState('');
  const [why, setWhy] = useState('');
  const now = useServerNow(job.now, 15_000);
  if (!data)
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
    [...steps].sort((a, b) => (a.doneAt ?? '').localeCompare(b.doneAt ?? '')).at(-1);
  const lost = stage === 'build' ? data.errata.filter((e) => !data.steps.some((s) => s.id === e.step)) : [];
  const title = stage.charAt(0).toUpperCase() + stage.slice(1);

  const start = async (s: Step, held?: Holding) => {
    const body = { step: s.id, ...(held ? { held } : {}), ...(helper.trim() && { with: helper }) };
    if (!(await recorder.record('build/step-started', body))) return;
    setChosen(s.id);
    setHelper('');
  };
  const opened = async (s: Step) => {
    const celsius = glue.celsius.trim() && { benchCelsius: glue.celsius };
    const reason = glue.reason.trim() && { reason: glue.reason };
    const stays = why.trim() && { stays: why };
    const body = { step: s.id, adhesive: glue.adhesive, ...celsius, ...reason, ...stays };
    if (await recorder.record('build/glue-opened', body)) setWhy('');
  };
  const done = async (s: Step) => {
    const added = s.isRepair && grams.trim() ? { grams } : {};
    const stays = why.trim() && { reason: why };
    if (!(await recorder.record('build/step-done', { step: s.id, ...added, ...stays }))) return;
    setWhy('');
    setChosen(undefined);
    setGlue(NO_GLUE);
    setGrams('');
  };
  const acted = async (s: Step, act: Schemas['GlueAct']) => {
    if (await recorder.record('build/glue-acted', { step: s.id, act, ...(why.trim() && { reason: why }) })) setWhy('');
  };
  const whyAsked = WHY[recorder.refusal?.code ?? ''];
  const act = actOf(step, {
    start: (s) => void start(s),
    open: (s) => void opened(s),
    act: (s, a) => void acted(s, a),
    done: (s) => void done(s),
    glue,
    helper,
  });
  const list = (
    <StepList
      steps={steps}
      current={step}
      errata={new Set(data.errata.map((e) => e.step))}
      onChoose={setChosen}
      loops={stage === 'build' ? data.loops : []}
      onClose={job.released ? undefined : (loop, value) => void recorder.record('build/loop-closed', { loop, value })}
      now={now}
    />
  );

  return (
    <>
      <Mat
        title={title}
        aside={`${steps.filter((s) => s.standing === 'done' || s.standing === 'curing').length} of ${steps.length} steps done`}
      >
        <StepMat job={job} step={step} bottom={wide ? LIST_HEIGHT : 0} />
        {wide && (
          <div
            className="absolute inset-x-3 bottom-9 overflow-y-auto border-2 border-ink bg-paper"
            style={{ maxHeight: LIST_HEIGHT }}
          >
            {list}
          </div>
        )}
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
        {head && <div className="-mx-[18px] -mt-3 mb-3">{head}</div>}
        {step?.standing === 'underWay' && whyAsked && (
          <Why key={whyAsked} asked={whyAsked} value={why} onChange={setWhy} />
        )}
        {lost.map((e) => (
          <Erratum key={e.id} of={e}>
            <p className="text-[15px]">It was met at “{e.title}”, a step that this sheet does not have.</p>
          </Erratum>
        ))}
        {step?.standing === 'underWay' && step.glue && (
          <>
            <GlueTimer title={step.title} glue={step.glue} now={job.now} />
            <Asks
              job={job.id}
              key={`${step.id} open`}
              step={step}
              when={['open']}
              title="Before it sets"
              recorder={recorder}
              now={job.now}
            />
          </>
        )}
        {step && (
          <StepCard
            step={step}
            place={`step ${steps.indexOf(step) + 1} of ${steps.length}`}
            now={now}
            errata={data.errata.filter((e) => e.step === step.id)}
          />
        )}
        {step && !job.released && step.servos.length > 0 && <Servos step={step} recorder={recorder} />}
        {step?.standing === 'canStart' && step.people > 1 && !job.released && (
          <label className="mt-3 block text-[15px]">
            whose hands are the second pair?
            <input className="field text-[18px]" value={helper} onChange={(e) => setHelper(e.target.value)} />
          </label>
        )}
        {step?.mayTurn && step.standing === 'canStart' && !job.released && (
          <HoldingForm key={step.id} label="Start, held" onHeld={(held) => void start(step, held)} />
        )}
        {step?.standing === 'underWay' && !job.released && (
          <>
            {!step.glue && (
              <Asks
                job={job.id}
                key={`${step.id} dry`}
                step={step}
                when={['dry']}
                title="With the parts in hand"
                recorder={recorder}
                now={job.now}
              />
            )}
            {step.isBond && !step.glue && <GlueChoice glues={step.glues} value={glue} onChange={setGlue} />}
            {(!step.isBond || step.glue) && (
              <Asks
                job={job.id}
                key={`${step.id} closing`}
                step={step}
                when={['closing']}
                title="Before it is done"
                recorder={recorder}
                now={job.now}
              />
            )}
          </>
        )}
        {step && (step.standing === 'done' || step.standing === 'curing') && !job.released && (
          <Asks
            job={job.id}
            step={step}
            when={['cured']}
            title={step.isBond ? 'Now that it has set' : 'Now that it is on'}
            recorder={recorder}
            now={job.now}
          />
        )}
        {step?.isRepair && step.standing === 'underWay' && (
          <label className="mt-3 flex items-center gap-3 border-t border-steel pt-3 text-[17px]">
            <span className="flex-1">
              it adds, g
              <span className="block text-[14px] leading-snug text-pencil">
                0: weight and balance stand; empty: both are shown again
              </span>
            </span>
            <input
              className="field w-[120px] text-right text-[22px]"
              inputMode="decimal"
              value={grams}
              onChange={(e) => setGrams(e.target.value)}
            />
          </label>
        )}
        {step && step.standing !== 'canStart' && step.standing !== 'waitsFor' && !job.released && (
          <Minutes key={`${step.id} ${step.standing}`} step={step} recorder={recorder} now={job.now} />
        )}
        {step && !job.released && (
          <div>
            {step.standing === 'curing' && may(me, 'build/cure-began') && (
              <ClosedEarlier key={step.id} step={step} recorder={recorder} now={now} />
            )}
            {step.standing === 'curing' && step.handleAt && new Date(step.handleAt).getTime() > now && !step.early && (
              <WithReason
                key={`${step.id} early`}
                link="handled before it can be"
                label="Why it is handled early"
                placeholder="why; it is pulled once it has set"
                act="Handled early"
                busy={recorder.busy}
                onSay={(reason) => recorder.record('build/step-handled', { step: step.id, reason })}
              />
            )}
            {(step.standing === 'done' || step.standing === 'curing') && (
              <WithReason
                key={`${step.id} undone`}
                link="not done after all"
                label="What is not done"
                placeholder="what is not done"
                act="Not done"
                busy={recorder.busy}
                onSay={(reason) => recorder.record('build/step-undone', { step: step.id, reason })}
              />
            )}
            {!step.isRepair && may(me, 'unpack/erratum') && (
              <Wrong key={step.id} step={step} steps={data.steps} recorder={recorder} />
            )}
            {(step.standing === 'canStart' || step.standing === 'waitsFor') && may(me, 'build/step-moved') && (
              <OrderForm key={`${step.id} order`} step={step} steps={data.steps} recorder={recorder} />
            )}
          </div>
        )}
        {step?.template && step.standing !== 'done' && (
          <a
            className="inline-flex min-h-[44px] items-center text-[16px] font-bold underline"
            href={`/api/jobs/${job.id}/marks?step=${encodeURIComponent(step.id)}`}
          >
            Print its marks at full size
          </a>
        )}
        {stage === 'build' && data.unread.length > 0 && !job.released && (
          <section aria-label="Trueness of the whole" className="mt-4 border-t-2 border-ink pt-1">
            <h3 className="text-[18px] font-bold">Trueness to read</h3>
            {data.unread.map((m) => (
              <details key={m.truth} className="border-b border-steel">
                <summary className="min-h-[44px] cursor-pointer py-2 text-[17px]">
                  {m.name}, {m.limits}
                  {m.shops && " (shop's)"}
                  {m.said && <span className="block text-[15px] text-pencil">last: {m.said}</span>}
                </summary>
                <Measure job={job.id} measure={m} recorder={recorder} />
              </details>
            ))}
          </section>
        )}
        {stage === 'build' && !job.released && <Leftovers of={data.leftovers} recorder={recorder} />}
        {stage === 'build' && data.order.length > 0 && (
          <section aria-label="Another order" className="pt-3">
            <h3 className="text-[18px] font-bold">Otherwise than the sheet</h3>
            {data.order.map((o) => (
              <div key={o.words} className="flex min-h-[48px] items-center gap-3 border-b border-steel text-[16px]">
                <span className="min-w-0 flex-1">
                  {o.words}
                  <span className="block text-[14px] text-pencil">
                    {o.reason}, {o.by}
                  </span>
                </span>
                {o.canPutBack && may(me, 'build/step-put-back') && !job.released && (
                  <button
                    type="button"
                    className="button"
                    onClick={() =>
                      void recorder.record('build/step-put-back', { step: o.step, reason: 'as the sheet has it' })
                    }
                  >
                    put back
                  </button>
                )}
              </div>
            ))}
          </section>
        )}
        {!wide && <div className="-mx-[18px] pt-4">{list}</div>}
        {stage === 'build' && !job.released && <Loops recorder={recorder} functions={data.functions} />}
      </Paper>
    </>
  );
}

/** What is asked by a refusal: it comes into sight wherever the paper stands; the refusal has the keys. */
function Why({ asked, value, onChange }: { asked: string; value: string; onChange: (v: string) => void }) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => inSight(field.current, 'center'), []);
  return (
    <label className="block pt-1 text-[14px] text-pencil">
      {asked}
      <input ref={field} className="field text-[16px]" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}

/** The one thing to do now with a step. */
function actOf(
  step: Step | undefined,
  can: {
    start: (s: Step) => void;
    open: (s: Step) => void;
    act: (s: Step, act: Schemas['GlueAct']) => void;
    done: (s: Step) => void;
    glue: Chosen;
    helper: string;
  },
): Now {
  const off = (label: string, hint?: string): Now => ({
    label,
    run: () => undefined,
    off: true,
    ...(hint ? { hint } : {}),
  });
  if (!step) return off('Nothing to do here');
  // What stands out of its limits is refused with its reason, and taken with another.
  const waits = (...when: string[]) =>
    step.asks.some((a) => when.includes(a.when) && !a.settled && !(a.measure && a.right !== null));
  switch (step.standing) {
    case 'canStart':
      return step.mayTurn
        ? off('Start', 'say above who holds it')
        : step.people > 1 && !can.helper.trim()
          ? off('Start', 'say above who helps')
          : { label: 'Start', run: () => can.start(step), off: false };
    case 'underWay': {
      if (step.isBond && !step.glue) {
        const glue = step.glues.find((g) => g.id === can.glue.adhesive);
        const label = glue?.opens ?? 'Open the glue';
        return waits('dry')
          ? off(label, 'answer above first, with the parts in hand')
          : !glue
            ? off(label, 'say which glue is used')
            : { label, run: () => can.open(step), off: false };
      }
      const next = step.glue?.acts.find((a) => a.at === null);
      if (next) return { label: next.words, run: () => can.act(step, next.act), off: false };
      return waits('dry', 'open', 'closing')
        ? off('Done', 'answer above first')
        : { label: step.isBond ? 'Joint closed, done' : 'Done', run: () => can.done(step), off: false };
    }
    case 'waitsFor':
      return off('Waits', 'see what it waits for');
    default:
      return off(step.standing === 'curing' ? 'Done, curing' : 'Done');
  }
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
