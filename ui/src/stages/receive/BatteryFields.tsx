import type { Schemas } from '../../api/client';

export type BatteryText = {
  mass: string;
  length: string;
  width: string;
  height: string;
  cells: string;
  capacity: string;
  cRating: string;
  connector: string;
};

export const NO_BATTERY: BatteryText = {
  mass: '',
  length: '',
  width: '',
  height: '',
  cells: '4',
  capacity: '',
  cRating: '',
  connector: '',
};

const FIELDS: [keyof BatteryText, string][] = [
  ['mass', 'mass on the scale, g'],
  ['length', 'length, mm'],
  ['width', 'width, mm'],
  ['height', 'height, mm'],
  ['cells', 'cells'],
  ['capacity', 'capacity, mAh'],
  ['cRating', 'C rating'],
  ['connector', 'connector'],
];

/** What must be there before anything can be said. */
export const batteryFull = (t: BatteryText) =>
  (['mass', 'length', 'width', 'height', 'cells', 'capacity'] as const).every((f) => t[f].trim());

/** The battery as the server takes it: each number with its unit. */
export function batteryFrom(t: BatteryText): Schemas['Battery'] {
  return {
    mass: t.mass,
    length: t.length,
    width: t.width,
    height: t.height,
    cells: Number(t.cells) || 0,
    capacity: t.capacity,
    cRating: t.cRating.trim() ? Number(t.cRating.replace(',', '.')) || 0 : null,
    connector: t.connector.trim(),
  };
}

export function BatteryFields({ value, onChange }: { value: BatteryText; onChange: (b: BatteryText) => void }) {
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      {FIELDS.map(([field, title]) => (
        <label key={field} className="text-[14px] text-pencil">
          {title}
          <input
            className={`field text-ink ${field === 'mass' ? 'text-[24px] font-bold' : 'text-[18px]'}`}
            inputMode={field === 'connector' ? 'text' : 'decimal'}
            value={value[field]}
            onChange={(e) => onChange({ ...value, [field]: e.target.value })}
          />
        </label>
      ))}
    </div>
  );
}
