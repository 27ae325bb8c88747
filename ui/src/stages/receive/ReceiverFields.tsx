import type { Schemas } from '../../api/client';

export type ReceiverText = {
  name: string;
  channels: string;
  ports: string;
  mass: string;
  protocol: string;
  /** Of the catalogue; none once it is typed otherwise. */
  kind?: Schemas['ReceiverKind'] | undefined;
};

export const NO_RECEIVER: ReceiverText = { name: '', channels: '6', ports: '', mass: '', protocol: '' };

type Posted = Schemas['Entry.ReceiverGiven']['receiver'];

export const receiverFrom = (t: ReceiverText): NonNullable<Posted> => ({
  ...printed(t.kind),
  name: t.name.trim(),
  channels: Number(t.channels) || 0,
  ports: Number(t.ports) || Number(t.channels) || 0,
  ...(t.mass.trim() ? { mass: t.mass } : {}),
  ...(t.protocol.trim() ? { protocol: t.protocol.trim() } : {}),
});

// Typed otherwise, it is still that receiver.
const KEEPS: ReadonlySet<string> = new Set(['mass', 'protocol']);

// What the catalogue knows beyond what is typed: its port names, its order, how it is held.
const printed = (kind: Schemas['ReceiverKind'] | undefined) =>
  kind
    ? {
        portNames: kind.portNames ?? [],
        order: kind.order ?? [],
        bindPort: kind.bindPort ?? 0,
        ...(kind.plug ? { plug: kind.plug } : {}),
        ...(kind.held ? { held: kind.held } : {}),
      }
    : {};

/** A receiver from the shop's catalogue, or as it is typed in. */
export function ReceiverFields({
  known,
  value,
  onChange,
}: {
  known: readonly Schemas['ReceiverKind'][];
  value: ReceiverText;
  onChange: (t: ReceiverText) => void;
}) {
  const fields: [Exclude<keyof ReceiverText, 'kind'>, string][] = [
    ['name', 'receiver'],
    ['protocol', 'hears'],
    ['channels', 'channels'],
    ['ports', 'ports'],
    ['mass', 'mass, g'],
  ];
  return (
    <div className="flex flex-col gap-2">
      <div role="group" aria-label="From the catalogue" className="flex flex-wrap gap-2">
        {known.map((k) => (
          <button
            type="button"
            key={k.name}
            className="button px-3 text-[15px]"
            aria-pressed={value.name === k.name}
            onClick={() =>
              onChange({
                name: k.name,
                channels: String(k.channels),
                ports: String(k.ports),
                mass: k.mass ?? '',
                protocol: k.protocol ?? '',
                kind: k,
              })
            }
          >
            {k.name}
          </button>
        ))}
      </div>
      <div className="grid grid-cols-6 gap-2">
        {fields.map(([field, title]) => (
          <label key={field} className={`text-[14px] text-pencil ${field === 'name' ? 'col-span-4' : 'col-span-2'}`}>
            {title}
            <input
              className="field text-[17px] text-ink"
              inputMode={field === 'name' || field === 'protocol' ? 'text' : 'decimal'}
              value={value[field]}
              onChange={(e) =>
                onChange({ ...value, [field]: e.target.value, kind: KEEPS.has(field) ? value.kind : undefined })
              }
            />
          </label>
        ))}
      </div>
    </div>
  );
}
