import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import type { Recorder } from './entries';

type Kind = Schemas['Entry.RadioSet']['setting'] | 'reversed' | 'motorWires';

const KINDS: readonly [Kind, string][] = [
  ['reversed', 'a channel reversed'],
  ...each(WORDS.radioSetting),
  ['motorWires', 'motor wires plugged again'],
];

/** Something was set in radio, stabiliser or motor: said here, so that what was shown with it is shown again. */
export function SetInRadio({ data, recorder }: { data: Schemas['BindView']; recorder: Recorder }) {
  const [kind, setKind] = useState<Kind>();
  const [of, setOf] = useState('');
  const [value, setValue] = useState('');
  const choices =
    kind === 'reversed'
      ? data.channels
      : kind === 'motorWires'
        ? data.motors.map((m) => m.id)
        : kind === 'mix' || kind === 'expo'
          ? data.functions
          : [];
  const must = kind === 'reversed' || kind === 'motorWires';
  const say = async () => {
    if (!kind) return;
    const ok =
      kind === 'reversed'
        ? await recorder.record('bind/reversed', { function: of })
        : kind === 'motorWires'
          ? await recorder.record('bind/motor-wires', { motor: of })
          : await recorder.record('bind/set', { setting: kind, function: of, value });
    if (!ok) return;
    setKind(undefined);
    setOf('');
    setValue('');
  };
  return (
    <section aria-label="Something was set" className="pt-4">
      <label className="text-[14px] text-pencil">
        something was set otherwise
        <select
          className="field text-[17px]"
          value={kind ?? ''}
          onChange={(e) => {
            setKind((e.target.value || undefined) as Kind | undefined);
            setOf('');
          }}
        >
          <option value="">nothing</option>
          {KINDS.filter(([k]) => k !== 'motorWires' || data.motors.length > 0).map(([k, words]) => (
            <option key={k} value={k}>
              {words}
            </option>
          ))}
        </select>
      </label>
      {kind && (
        <div className="flex flex-wrap items-end gap-2 pt-2">
          {choices.length > 0 && (
            <label className="min-w-[140px] flex-1 text-[14px] text-pencil">
              which
              <select className="field text-[17px]" value={of} onChange={(e) => setOf(e.target.value)}>
                <option value="">{must ? 'which one?' : 'all'}</option>
                {choices.map((c) => (
                  <option key={c} value={c}>
                    {c}
                  </option>
                ))}
              </select>
            </label>
          )}
          {!must && (
            <label className="min-w-[120px] flex-1 text-[14px] text-pencil">
              to
              <input
                className="field text-[17px]"
                placeholder="such as 12 %"
                value={value}
                onChange={(e) => setValue(e.target.value)}
              />
            </label>
          )}
          <button type="button" className="button dark" disabled={must && !of} onClick={() => void say()}>
            It is set
          </button>
        </div>
      )}
    </section>
  );
}
