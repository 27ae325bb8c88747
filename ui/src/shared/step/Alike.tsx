import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useShop } from '../../api/queries';
import { Choice } from '../Choice';
import type { SharedRecorder } from '../stage';
import { finest, instrumentsFor, useTyped } from './typed';

type Ask = Schemas['AskView'] & { measure: Schemas['MeasureView'] };
type Props = { job: string; recorder: SharedRecorder };

const OUT: ReadonlySet<Schemas['MeasuredNow']['verdict'] | undefined> = new Set(['out', 'outClose']);

/** Several that are read alike: one instrument for all, a row each; Enter records and goes on to the next. */
export function Alike({ job, asks, recorder }: Props & { asks: readonly Ask[] }) {
  const { data: shop } = useShop();
  const [by, setBy] = useState<string>();
  const measure = asks[0]!.measure;
  const instruments = instrumentsFor(shop?.instruments ?? [], measure);
  const instrument = by ?? finest(instruments, measure.unit)?.id;
  const same = asks.every((a) => a.measure.limits === measure.limits);
  return (
    <>
      <p className="text-[19px] leading-snug">
        {measure.among}
        {same && `: ${measure.limits}`}?
      </p>
      <p className="text-[15px] leading-snug text-pencil">{measure.first}</p>
      {instruments.length > 1 && (
        <Choice
          label={`With what: ${measure.among}`}
          value={instrument}
          of={instruments.map((i) => ({ value: i.id, words: i.name }))}
          onChoose={setBy}
          button="button flex-1 text-[15px]"
        />
      )}
      <ul>
        {asks.map((a) => (
          <Row key={a.id} job={job} ask={a} recorder={recorder} by={instrument} limits={!same} />
        ))}
      </ul>
    </>
  );
}

function Row({ job, ask, recorder, by, limits }: Props & { ask: Ask; by: string | undefined; limits: boolean }) {
  const { measure } = ask;
  const [open, setOpen] = useState(false);
  const t = useTyped({ job, measure, recorder, by });
  const shut = ask.settled && !open;
  return (
    <li>
      <div {...(!shut && { role: 'group', 'aria-label': ask.words })}>
        <form
          className="flex flex-wrap items-center gap-x-2 border-t border-steel py-1"
          onSubmit={(e) => {
            e.preventDefault();
            // What stands out of its limits stays in hand, with its advice.
            const next = OUT.has(t.now?.verdict) ? undefined : after(e.currentTarget);
            void t.record().then((done) => {
              if (!done) return;
              setOpen(false);
              next?.focus();
            });
          }}
        >
          <span className="min-w-0 flex-1 text-[17px] leading-tight">
            {measure.one}
            {limits && <span className="block text-[15px] text-pencil">{measure.limits}</span>}
          </span>
          {shut ? (
            <button
              type="button"
              aria-label={`${ask.words} Answer again`}
              className="min-h-[44px] min-w-[64px] font-bold underline"
              onClick={() => setOpen(true)}
            >
              again
            </button>
          ) : (
            <>
              <input
                className="field w-[104px] text-right text-[32px] leading-none font-bold tabular-nums"
                inputMode="decimal"
                aria-label={`${measure.name}: ${measure.first}, ${t.unit}`}
                value={t.first}
                onChange={(e) => t.setFirst(e.target.value)}
              />
              <span className="w-[28px] text-pencil">{t.unit}</span>
              <button
                type="submit"
                className="button dark font-bold"
                disabled={!t.whole || recorder.busy}
                aria-label={`Record ${measure.name}`}
              >
                Record
              </button>
            </>
          )}
          {measure.said && !t.whole && (
            <p className={`w-full text-[16px] leading-snug ${ask.right === false ? 'font-bold text-red' : ''}`}>
              {ask.right === null && 'before this: '}
              {measure.said}
            </p>
          )}
          {t.whole && t.now && (
            <p aria-live="polite" className="w-full border-l-[6px] border-dashed border-steel px-3 text-[17px]">
              {t.now.phrase} {t.now.advice && <strong>{t.now.advice}</strong>}
            </p>
          )}
          {t.whole && t.error && <p className="w-full text-[16px] text-red">{t.error.message}</p>}
        </form>
      </div>
    </li>
  );
}

/** The field of the next row that is still open. */
function after(form: HTMLFormElement) {
  const fields = [...(form.closest('ul')?.querySelectorAll('input') ?? [])];
  return fields[fields.findIndex((f) => form.contains(f)) + 1];
}
