import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';

type AddOn = Schemas['Entry.AddOnBrought'];

/** Something the owner wants aboard: what it weighs and where it goes. */
export function AddOnFields({ onAdd }: { onAdd: (a: AddOn) => unknown }) {
  const [name, setName] = useState('');
  const [mass, setMass] = useState('');
  const [at, setAt] = useState('');
  const [port, setPort] = useState('');
  const [why, setWhy] = useState('');
  const [state, setState] = useState<AddOn['state']>('recorded');
  const add = async () => {
    if (
      (await onAdd({
        name,
        mass,
        ...(at.trim() ? { at } : {}),
        state,
        ...(port.trim() ? { port } : {}),
        ...(state === 'notConnected' ? { why } : {}),
      })) === false
    )
      return;
    setName('');
    setMass('');
    setAt('');
    setPort('');
    setWhy('');
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-[1.4fr_0.7fr_1fr_0.8fr] gap-2">
        <label className="text-[14px] text-pencil">
          add-on
          <input className="field text-[17px] text-ink" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="text-[14px] text-pencil">
          weighs, g
          <input
            className="field text-[17px] text-ink"
            inputMode="decimal"
            value={mass}
            onChange={(e) => setMass(e.target.value)}
          />
        </label>
        <label className="text-[14px] text-pencil">
          mm aft
          <input
            className="field text-[17px] text-ink"
            inputMode="decimal"
            value={at}
            onChange={(e) => setAt(e.target.value)}
          />
        </label>
        <label className="text-[14px] text-pencil">
          port
          <input className="field text-[17px] text-ink" value={port} onChange={(e) => setPort(e.target.value)} />
        </label>
      </div>
      {state === 'notConnected' && (
        <label className="text-[14px] text-pencil">
          why it is not connected
          <input className="field text-[17px] text-ink" value={why} onChange={(e) => setWhy(e.target.value)} />
        </label>
      )}
      <div className="flex gap-2">
        {each(WORDS.addOnState).map(([key, title]) => (
          <button
            type="button"
            key={key}
            className="button flex-1 px-1 text-[15px]"
            aria-pressed={state === key}
            onClick={() => setState(key)}
          >
            {title}
          </button>
        ))}
        <button
          type="button"
          className="button dark px-4"
          disabled={!name.trim() || !mass.trim()}
          onClick={() => void add()}
        >
          add
        </button>
      </div>
    </div>
  );
}
