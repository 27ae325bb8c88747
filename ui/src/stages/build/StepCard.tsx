import type { Schemas } from '../../api/client';
import { Erratum } from '../../shared/Erratum';
import { StepPower } from '../../shared/StepPower';
import { clock, duration } from '../../shared/time';

type Step = Schemas['StepView'];

/** The step in hand, in words: what, how, with which parts and tools, and what bites. */
export function StepCard({
  step,
  place,
  now,
  errata,
}: {
  step: Step;
  /** Its place among all: "step 10 of 13". */
  place: string;
  now: number;
  errata: readonly Schemas['ErratumView'][];
}) {
  const until = (instant: string) => duration((new Date(instant).getTime() - now) / 60_000);
  return (
    <section aria-label={step.title}>
      {step.glue ? (
        <p className="border-t-2 border-ink pt-1 text-[15px] text-pencil">{place}</p>
      ) : (
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-[26px] leading-tight font-bold">{step.title}</h2>
          <span className="shrink-0 text-[15px] text-pencil">{place}</span>
        </div>
      )}
      <p className="text-[16px] text-pencil">
        {duration(step.handsOn)} with hands on it{step.page && ` · sheet page ${step.page}`}
        {step.bondWords && ` · bond, ${step.bondWords}`}
        {step.people > 1 && ` · ${step.people} pairs of hands`}
        {step.with && ` · with ${step.with}`}
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
        <p key={c} className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[19px] leading-snug">
          <strong>Caution.</strong> {c}
        </p>
      ))}
      {step.covers.length > 0 && (
        <div className="mt-2 border-l-[6px] border-steel px-3 py-1 text-[17px]">
          <strong>{step.doneAt ? 'Out of reach now:' : 'Out of reach afterwards:'}</strong> {step.covers.join(', ')}.
          <Off title="To get back:" steps={step.under} />
        </div>
      )}
      {step.back.length > 0 && (
        <div className="mt-2 border-l-[6px] border-red px-3 py-1 text-[17px]">
          <strong className="text-red">Closed over.</strong> It is reached again when this comes off:
          <Off title="" steps={step.back} />
        </div>
      )}
      {step.against.map((a) => (
        <p key={a} className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-1 text-[17px]">
          <strong>The page's order stands here.</strong> {a}
        </p>
      ))}
      {step.standing !== 'done' &&
        step.moved.slice(0, 1).map((m) => (
          <p key={m} className="pt-1 text-[15px] text-pencil">
            Not the page's order: {m}
          </p>
        ))}
      <StepPower step={step} />
      <Words lines={step.lines} />
      {step.parts.length > 0 && (
        <ul className="pt-2 text-[17px]">
          {step.parts.map((p) => (
            <li key={p.name} className={p.inHand < p.needed ? 'text-red' : ''}>
              {p.needed} × {p.name}
              <span className="text-pencil">
                {p.bag && `, bag ${p.bag}`}
                {p.inHand < p.needed ? `, ${p.inHand} in hand` : `, ${p.inHand - p.needed} left`}
              </span>
            </li>
          ))}
        </ul>
      )}
      {step.tools.length > 0 && (
        <p className="pt-1 text-[16px] text-pencil">
          Tools:{' '}
          {step.tools.map((t, i) => (
            <span key={t.name} className={t.have ? '' : 'text-red'}>
              {i > 0 && ', '}
              {t.name}
              {!t.have && ` (${t.short || 'not in the shop'})`}
            </span>
          ))}
        </p>
      )}
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
            ? `handle in ${until(step.handleAt)}`
            : `can be handled since ${clock(step.handleAt)}`}
          {step.fullAt && new Date(step.fullAt).getTime() > now && `, full strength in ${until(step.fullAt)}`}
        </p>
      )}
    </section>
  );
}

/** Steps that come off again, first the one that went on last. */
function Off({ title, steps }: { title: string; steps: readonly string[] }) {
  return (
    <ul className="text-[16px]">
      {steps.map((s, i) => (
        <li key={s}>
          {i === 0 && title && <span className="text-pencil">{title} </span>}
          {s}
        </li>
      ))}
    </ul>
  );
}

/** A sentence a line, numbered: what is done first, what then. */
function Words({ lines }: { lines: readonly string[] }) {
  if (lines.length < 2) return <p className="pt-2 text-[18px]">{lines[0]}</p>;
  return (
    <ol className="pt-2 text-[18px]">
      {lines.map((s, i) => (
        <li key={s} className="flex gap-2">
          <span aria-hidden className="w-[22px] shrink-0 text-right font-bold text-pencil tabular-nums">
            {i + 1}
          </span>
          <span>{s}</span>
        </li>
      ))}
    </ol>
  );
}
