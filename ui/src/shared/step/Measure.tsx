import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../Choice';
import type { SharedRecorder } from '../stage';
import { MountFigure } from './MountFigure';
import { useTyped } from './typed';

type View = Schemas['MeasureView'];

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
  const [by, setBy] = useState<string>();
  const t = useTyped({ job, step, measure, recorder, by });
  const mount = t.now?.mount ?? measure.mount;
  return (
    <form
      className="mt-1"
      onSubmit={(e) => {
        e.preventDefault();
        void t.record();
      }}
    >
      {t.instruments.length > 1 && (
        <Choice
          label={`With what: ${measure.name}`}
          value={t.instrument?.id}
          of={t.instruments.map((i) => ({ value: i.id, words: i.name }))}
          onChoose={setBy}
          button="button flex-1 text-[15px]"
        />
      )}
      {mount && <MountFigure mount={mount} />}
      <Figure
        label={t.gauge ? measure.gauge : measure.first}
        unit={t.unit}
        value={t.first}
        onChange={t.setFirst}
        of={measure.name}
      />
      {t.two && (
        <Figure label={measure.second} unit={t.unit} value={t.second} onChange={t.setSecond} of={measure.name} />
      )}
      {t.between && (
        <Figure label="how far apart the two are" unit="mm" value={t.apart} onChange={t.setApart} of={measure.name} />
      )}
      {t.whole && t.now && (
        <p aria-live="polite" className="border-l-[6px] border-dashed border-steel px-3 py-1 text-[19px] leading-snug">
          {t.now.phrase}
          {t.now.advice && <strong className="block">{t.now.advice}</strong>}
        </p>
      )}
      {t.whole && t.error && <p className="text-[16px] text-red">{t.error.message}</p>}
      <button
        type="submit"
        className="button dark mt-1 w-full font-bold"
        disabled={!t.whole || recorder.busy}
        aria-label={`Record ${measure.name}`}
      >
        Record
      </button>
    </form>
  );
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
