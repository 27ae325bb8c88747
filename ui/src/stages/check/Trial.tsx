import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

type Method = Schemas['CheckView']['balancing'];

const FIELDS = {
  heavyBlade: {
    title: 'It does not stay: balance it',
    how: 'On the balancer: a trial mass on the light blade, moved until it stays wherever it is put.',
    masses: true,
    shakes: [] as string[],
  },
  byPosition: {
    title: 'It shakes: turn it on its shaft',
    how: 'Pack off each time: a sixth of a turn on, tightened, run again. Say 0 to 10 for each position.',
    masses: false,
    shakes: ['1', '2', '3', '4', '5', '6'],
  },
  threeTrials: {
    title: 'Over the limit: three trials',
    how: 'Same throttle each time, held. The trial mass at three places a third of a turn apart, the first in line with a blade.',
    masses: true,
    shakes: ['without', 'first place', 'second', 'third'],
  },
};

const number = (text: string) => (text.trim() ? Number(text.replace(',', '.')) : Number.NaN);

/** Where a propeller is heavy and by how much, by this job's way of balancing. */
export function Trial({ motor, method, recorder }: { motor: string; method: Method; recorder: Recorder }) {
  const of = FIELDS[method];
  const [trial, setTrial] = useState('');
  const [radius, setRadius] = useState('');
  const [tapeAt, setTapeAt] = useState('');
  const [shakes, setShakes] = useState<readonly string[]>([]);
  // Positions that were not tried are left out at the end.
  const read = of.shakes.map((_, i) => number(shakes[i] ?? ''));
  const felt = method === 'byPosition' ? read.filter((n) => !Number.isNaN(n)) : read;
  const masses = of.masses ? [number(trial), number(radius), ...(method === 'heavyBlade' ? [number(tapeAt)] : [])] : [];
  const complete = [...masses, ...felt].every((n) => n >= 0) && (method !== 'byPosition' || felt.length >= 2);
  const record = () =>
    recorder.record('check/tried', {
      motor,
      method,
      trial: of.masses ? number(trial) : 0,
      radius: of.masses ? number(radius) : 0,
      tapeAt: method === 'heavyBlade' ? number(tapeAt) : 0,
      shakes: felt,
    });
  const mass = (label: string, value: string, set: (v: string) => void) => (
    <label className="min-w-0 flex-1 text-[14px] text-pencil">
      {label}
      <input
        className="field text-[24px] font-bold text-ink"
        inputMode="decimal"
        value={value}
        onChange={(e) => set(e.target.value)}
      />
    </label>
  );
  return (
    <details className="mt-2 border-2 border-ink px-3 py-1">
      <summary className="min-h-[44px] cursor-pointer py-2 text-[17px] font-bold">{of.title}</summary>
      <p className="text-[16px]">{of.how}</p>
      {of.masses && (
        <div className="flex items-end gap-3 pt-2">
          {mass('trial mass, g', trial, setTrial)}
          {mass('mm from the shaft', radius, setRadius)}
          {method === 'heavyBlade' && mass('tape goes at, mm', tapeAt, setTapeAt)}
        </div>
      )}
      {of.shakes.length > 0 && (
        <div className="grid grid-cols-3 gap-3 pt-2">
          {of.shakes.map((label, i) => (
            <div key={label}>
              {mass(method === 'byPosition' ? `position ${label}` : `${label}, mm/s`, shakes[i] ?? '', (v) =>
                setShakes(of.shakes.map((_, n) => (n === i ? v : (shakes[n] ?? '')))),
              )}
            </div>
          ))}
        </div>
      )}
      <button
        type="button"
        className="button dark my-2 min-h-[56px] w-full text-[18px] font-bold"
        disabled={!complete || recorder.busy}
        onClick={() => void record()}
      >
        Where, and how much
      </button>
    </details>
  );
}
