import type { Schemas } from '../../api/client';

export type Method = { measure: Schemas['Entry.ThrowRead']['measure']; unit: 'mm' | '°'; words: string; short: string };

export const METHODS: readonly Method[] = [
  { measure: 'uprightRuler', unit: 'mm', words: 'upright', short: 'upright' },
  { measure: 'straightRuler', unit: 'mm', words: 'straight', short: 'straight' },
  { measure: 'angle', unit: '°', words: 'angle', short: 'degrees' },
];

export function MethodChoice({ method, onChoose }: { method: Method; onChoose: (m: Method) => void }) {
  return (
    <div role="radiogroup" aria-label="Measured" className="flex">
      {METHODS.map((m) => (
        <button
          type="button"
          key={m.measure}
          role="radio"
          aria-checked={m === method}
          className="button -ml-[2px] px-[10px] text-[15px] first:ml-0"
          onClick={() => onChoose(m)}
        >
          {m.short}
        </button>
      ))}
    </div>
  );
}
