import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Schemas } from '../../api/client';
import { useShop } from '../../api/queries';
import type { SharedRecorder } from '../stage';

type View = Schemas['MeasureView'];
type Instrument = Schemas['ShopInstrument'];

/** What may read it, in the shop's order. */
export const instrumentsFor = (all: readonly Instrument[], measure: View) =>
  all.filter((i) =>
    i.reads === (measure.unit === 'g' ? 'g' : 'mm') && measure.first ? true : i.reads === 'degrees' && measure.gauge,
  );

/** What is typed of one reading or mark: how it would stand, and its record. */
export function useTyped(props: {
  job: string;
  /** Of a mark. */
  step?: string | undefined;
  measure: View;
  recorder: SharedRecorder;
  /** Which instrument, where one was chosen. */
  by?: string | undefined;
}) {
  const { job, step, measure, recorder, by } = props;
  const { data: shop } = useShop();
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [apart, setApart] = useState('');
  const instruments = instrumentsFor(shop?.instruments ?? [], measure);
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
    if (!whole || !instrument) return false;
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
    if (!done) return false;
    setFirst('');
    setSecond('');
    return true;
  };
  return {
    instruments,
    instrument,
    gauge,
    unit,
    two,
    between,
    first,
    setFirst,
    second,
    setSecond,
    apart,
    setApart,
    whole,
    now,
    error,
    record,
  };
}

/** An angle is read by the finest gauge there is, a length by the finest rule. */
export function finest(instruments: readonly Instrument[], unit: string) {
  const wanted = unit === '°' ? 'degrees' : 'mm';
  return [...instruments].sort((a, b) => Number(b.reads === wanted) - Number(a.reads === wanted) || a.u - b.u)[0];
}
