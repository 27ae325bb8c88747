import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Schemas } from '../../api/client';
import { useShop } from '../../api/queries';
import { Choice } from '../Choice';
import type { SharedRecorder } from '../stage';

type View = Schemas['MeasureView'];
type Instrument = Schemas['ShopInstrument'];

/** What is read or marked: where the instrument goes, the number large, and how it would stand before it is recorded. */
export function Measure({
  job,
  step,
  measure,
  recorder,
}: {
  job: string;
  /** Of a mark. */
  step?: string;
  measure: View;
  recorder: SharedRecorder;
}) {
  const { data: shop } = useShop();
  const [by, setBy] = useState<string>();
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [apart, setApart] = useState('');
  const instruments = (shop?.instruments ?? []).filter((i) =>
    i.reads === (measure.unit === 'g' ? 'g' : 'mm') && measure.first ? true : i.reads === 'degrees' && measure.gauge,
  );
  const instrument = instruments.find((i) => i.id === by) ?? finest(instruments, measure.unit);
  const gauge = instrument?.reads === 'degrees';
  const unit = gauge ? '°' : measure.unit === 'g' ? 'g' : 'mm';
  const two = gauge ? measure.pair : measure.second !== '';
  const between = !gauge && measure.apart;
  const whole = first.trim() !== '' && (!two || second.trim() !== '') && (!between || apart.trim() !== '');
  const asked = {
    instrument: instrument?.id ?? '',
    first,
    ...(measure.mark ? { step: step ?? '', mark: measure.mark } : { truth: measure.truth }),
    ...(two && { second }),
    ...(between && { apart }),
  };
  const { data: now, error } = useQuery({
    queryKey: ['measured', job, JSON.stringify(asked)],
    enabled: whole && instrument !== undefined,
    retry: false,
    queryFn: async () =>
      answer(await api.GET('/api/jobs/{id}/measured', { params: { path: { id: job }, query: asked } })),
  });
  const record = async () => {
    if (!whole || !instrument) return;
    const done = measure.mark
      ? await recorder.record('build/marked', {
          step: step ?? '',
          mark: measure.mark,
          at: first,
          instrument: instrument.id,
        })
      : await recorder.record('build/true-read', {
          truth: measure.truth,
          first,
          instrument: instrument.id,
          ...(two && { second }),
          ...(between && { apart }),
        });
    if (!done) return;
    setFirst('');
    setSecond('');
  };
  return (
    <form
      className="mt-1"
      onSubmit={(e) => {
        e.preventDefault();
        void record();
      }}
    >
      {instruments.length > 1 && (
        <Choice
          label={`With what: ${measure.name}`}
          value={instrument?.id}
          of={instruments.map((i) => ({ value: i.id, words: i.name }))}
          onChoose={setBy}
          button="button flex-1 text-[15px]"
        />
      )}
      <Figure
        label={gauge ? measure.gauge : measure.first}
        unit={unit}
        value={first}
        onChange={setFirst}
        of={measure.name}
      />
      {two && <Figure label={measure.second} unit={unit} value={second} onChange={setSecond} of={measure.name} />}
      {between && (
        <Figure label="how far apart the two are" unit="mm" value={apart} onChange={setApart} of={measure.name} />
      )}
      {whole && now && (
        <p aria-live="polite" className="border-l-[6px] border-dashed border-steel px-3 py-1 text-[19px] leading-snug">
          {now.phrase}
          {now.advice && <strong className="block">{now.advice}</strong>}
        </p>
      )}
      {whole && error && <p className="text-[16px] text-red">{error.message}</p>}
      <button
        type="submit"
        className="button dark mt-1 w-full font-bold"
        disabled={!whole || recorder.busy}
        aria-label={`Record ${measure.name}`}
      >
        Record
      </button>
    </form>
  );
}

/** An angle is read by the finest gauge there is, a length by the finest rule. */
function finest(instruments: readonly Instrument[], unit: string) {
  const wanted = unit === '°' ? 'degrees' : 'mm';
  return [...instruments].sort((a, b) => Number(b.reads === wanted) - Number(a.reads === wanted) || a.u - b.u)[0];
}

function Figure(props: { label: string; unit: string; value: string; onChange: (v: string) => void; of: string }) {
  const { label, unit, value, onChange, of } = props;
  return (
    <label className="flex items-center gap-3 py-1 text-[17px]">
      <span className="min-w-0 flex-1 leading-tight">{label}</span>
      <input
        className="field w-[150px] text-right text-[40px] leading-none font-bold tabular-nums"
        inputMode="decimal"
        aria-label={`${of}: ${label}, ${unit}`}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
      <span className="w-[34px] text-pencil">{unit}</span>
    </label>
  );
}
