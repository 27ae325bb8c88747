import type { Schemas } from '../../api/client';
import { withDefault } from '../balance/WeighingForm';

export type BatteryText = { mass: string; length: string; width: string; height: string; cells: string; capacity: string };

const FIELDS: [keyof BatteryText, string, string][] = [
  ['mass', 'mass on the scale, g', 'g'],
  ['length', 'length, mm', 'mm'],
  ['width', 'width, mm', 'mm'],
  ['height', 'height, mm', 'mm'],
  ['cells', 'cells', ''],
  ['capacity', 'capacity, mAh', 'mAh'],
];

/** The battery as the server takes it: each number with its unit. */
export function batteryFrom(t: BatteryText): Schemas['Battery'] {
  return { mass: withDefault(t.mass, 'g'), length: withDefault(t.length, 'mm'), width: withDefault(t.width, 'mm'), height: withDefault(t.height, 'mm'), cells: Number(t.cells) || 0, capacity: withDefault(t.capacity, 'mAh') };
}

export function BatteryFields({ value, onChange }: { value: BatteryText; onChange: (b: BatteryText) => void }) {
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      {FIELDS.map(([field, title]) => (
        <label key={field} className="text-[14px] text-pencil">
          {title}
          <input className={`field ${field === 'mass' ? 'text-[24px] font-bold' : 'text-[18px]'}`} inputMode="decimal" value={value[field]} onChange={(e) => onChange({ ...value, [field]: e.target.value })} />
        </label>
      ))}
    </div>
  );
}
