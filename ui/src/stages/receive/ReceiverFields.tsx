import type { Schemas } from '../../api/client';

export type ReceiverText = { name: string; channels: string; ports: string; mass: string; protocol: string };

export const NO_RECEIVER: ReceiverText = { name: '', channels: '6', ports: '', mass: '', protocol: '' };

export const receiverFrom = (t: ReceiverText): Schemas['ReceiverKind'] => ({
  name: t.name.trim(),
  channels: Number(t.channels) || 0,
  ports: Number(t.ports) || Number(t.channels) || 0,
  ...(t.mass.trim() ? { mass: t.mass } : {}),
  ...(t.protocol.trim() ? { protocol: t.protocol.trim() } : {}),
});

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
  const fields: [keyof ReceiverText, string][] = [
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
              onChange={(e) => onChange({ ...value, [field]: e.target.value })}
            />
          </label>
        ))}
      </div>
    </div>
  );
}
