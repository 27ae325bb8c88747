import { useState } from 'react';
import { WORDS } from '../api/contract';
import type { Refusal, Schemas } from '../api/client';
import { each } from '../shared/words';
import type { Connector, Device, Family, Kind, Receiver } from './catalogueKinds';

const PLAIN: Schemas['PlugStyle'] = { signal: 'white', plus: 'red', minus: 'black', side: '', keyed: false };

const WIRES: readonly ['signal' | 'plus' | 'minus', string][] = [
  ['signal', 'signal wire'],
  ['plus', '+ wire'],
  ['minus', '− wire'],
];

/** One thing of the catalogue, with a line for each socket in the order they stand on it. */
export function CatalogueForm({
  family,
  kind,
  refusal,
  onTake,
  onStrike,
}: {
  family: Family;
  kind: Kind | undefined;
  refusal: Refusal | undefined;
  onTake: (kind: Kind) => void;
  onStrike: (() => void) | undefined;
}) {
  const receiver = kind as Receiver | undefined;
  const device = kind as Device | undefined;
  const connector = kind as Connector | undefined;
  const [name, setName] = useState(kind?.name ?? '');
  const [mass, setMass] = useState(kind?.mass ?? '');
  const [protocol, setProtocol] = useState(receiver?.protocol ?? '');
  const [channels, setChannels] = useState(String(receiver?.channels ?? 6));
  const [names, setNames] = useState<readonly string[]>(
    family === 'receiver'
      ? Array.from({ length: receiver?.ports ?? 6 }, (_, i) => receiver?.portNames?.[i] ?? '')
      : (device?.sockets ?? ['1', '2', '3', '4', '5', '6']),
  );
  const [bind, setBind] = useState(receiver?.bindPort ?? 0);
  const [order, setOrder] = useState<readonly string[]>(receiver?.order ?? []);
  // What nobody said is not filled in: a colour on the screen would be taken for the maker's.
  const [plug, setPlug] = useState(receiver?.plug ?? undefined);
  const [held, setHeld] = useState(receiver?.held ?? '');
  const [amps, setAmps] = useState(String(connector?.amps ?? ''));
  const [keyed, setKeyed] = useState(connector?.keyed ?? false);
  const shared = { name: name.trim(), ...(mass.trim() ? { mass: mass.trim() } : {}) };
  const looks = { ...(plug ? { plug } : {}), ...(held.trim() ? { held: held.trim() } : {}) };
  const made = (): Kind =>
    family === 'connector'
      ? { ...shared, amps: Number(amps) || 0, keyed }
      : family === 'receiver'
        ? {
            ...shared,
            ...looks,
            channels: Number(channels) || 0,
            ports: names.length,
            portNames: [...names],
            order: [...order],
            bindPort: bind,
            ...(protocol.trim() ? { protocol: protocol.trim() } : {}),
          }
        : { ...shared, ...looks, sockets: [...names] };
  const put = (i: number, text: string) => setNames(names.map((n, at) => (at === i ? text : n)));
  const putOrder = (i: number, text: string) =>
    setOrder(Array.from({ length: Math.max(order.length, i + 1) }, (_, at) => (at === i ? text : (order[at] ?? ''))));
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-3 bg-tape-wash px-5 py-4 max-lg:grid-cols-1">
      <div className="grid content-start gap-3">
        <Field title="what it is called" value={name} onChange={setName} />
        <div className="grid grid-cols-2 gap-3">
          <Field title="mass, g" value={mass ?? ''} onChange={setMass} />
          {family === 'receiver' && <Field title="channels" value={channels} onChange={setChannels} />}
          {family === 'receiver' && <Field title="hears" value={protocol ?? ''} onChange={setProtocol} />}
          {family === 'connector' && <Field title="carries, A" value={amps} onChange={setAmps} />}
        </div>
        {family === 'connector' ? (
          <Tick on={keyed} onTurn={setKeyed} words="its shape lets it in one way round only" />
        ) : (
          <>
            <Field title="held, when its sockets are read" value={held ?? ''} onChange={setHeld} />
            <Tick
              on={!!plug}
              onTurn={(on) => setPlug(on ? PLAIN : undefined)}
              words="its wires and signal side are known"
            />
            {plug && (
              <>
                <div className="grid grid-cols-3 gap-3">
                  {WIRES.map(([wire, title]) => (
                    <label key={wire} className="block text-[14px] text-pencil">
                      {title}
                      <select
                        className="field text-[17px] text-ink"
                        value={plug[wire]}
                        onChange={(e) => setPlug({ ...plug, [wire]: e.target.value as Schemas['WireColour'] })}
                      >
                        {each(WORDS.wireColour).map(([value, words]) => (
                          <option key={value} value={value}>
                            {words}
                          </option>
                        ))}
                      </select>
                    </label>
                  ))}
                </div>
                <Field
                  title="where its signal side lies"
                  value={plug.side}
                  onChange={(side) => setPlug({ ...plug, side })}
                />
                <Tick
                  on={plug.keyed}
                  onTurn={(on) => setPlug({ ...plug, keyed: on })}
                  words="its plugs are keyed: a rib and a slot"
                />
              </>
            )}
          </>
        )}
        <div className="flex gap-3 pt-1">
          <button type="button" className="button dark" disabled={!name.trim()} onClick={() => onTake(made())}>
            {kind && kind.name === name.trim() ? 'put it right' : 'list it'}
          </button>
          {onStrike && (
            <button type="button" className="button" onClick={onStrike}>
              take it off the list
            </button>
          )}
        </div>
        {refusal && (
          <p role="alert" className="text-[16px] text-red">
            {refusal.message} {refusal.where && `(${refusal.where})`}
          </p>
        )}
      </div>
      {family !== 'connector' && (
        <fieldset className="min-w-0">
          <legend className="text-[14px] text-pencil">
            {family === 'receiver' ? 'ports: what is printed, the channel’s function, binding' : 'sockets, as printed'}
          </legend>
          <ol className="pt-1">
            {names.map((n, i) => (
              <li key={i} className="flex items-center gap-2 pb-1">
                <strong className="w-7 text-right text-[17px]">{i + 1}</strong>
                <input
                  className="field min-w-0 flex-1 text-[17px] text-ink"
                  aria-label={`printed beside ${i + 1}`}
                  value={n}
                  onChange={(e) => put(i, e.target.value)}
                />
                {family === 'receiver' && (
                  <>
                    <input
                      className="field min-w-0 flex-1 text-[17px] text-ink"
                      aria-label={`function on channel ${i + 1}`}
                      value={order[i] ?? ''}
                      onChange={(e) => putOrder(i, e.target.value)}
                    />
                    <label className="flex min-h-[44px] items-center gap-2 text-[14px]">
                      <input
                        type="checkbox"
                        className="size-6"
                        checked={bind === i + 1}
                        onChange={(e) => setBind(e.target.checked ? i + 1 : 0)}
                      />
                      binds
                    </label>
                  </>
                )}
              </li>
            ))}
          </ol>
          <div className="flex gap-2">
            <button type="button" className="button text-[15px]" onClick={() => setNames([...names, ''])}>
              one more
            </button>
            <button
              type="button"
              className="button text-[15px]"
              disabled={names.length < 2}
              onClick={() => {
                setNames(names.slice(0, -1));
                if (bind === names.length) setBind(0);
              }}
            >
              one fewer
            </button>
          </div>
        </fieldset>
      )}
    </div>
  );
}

function Field({ title, value, onChange }: { title: string; value: string; onChange: (text: string) => void }) {
  return (
    <label className="block min-w-0 text-[14px] text-pencil">
      {title}
      <input className="field text-[18px] text-ink" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}

function Tick({ on, onTurn, words }: { on: boolean; onTurn: (on: boolean) => void; words: string }) {
  return (
    <label className="flex min-h-[44px] items-center gap-3 text-[16px]">
      <input type="checkbox" className="size-6" checked={on} onChange={(e) => onTurn(e.target.checked)} />
      {words}
    </label>
  );
}
