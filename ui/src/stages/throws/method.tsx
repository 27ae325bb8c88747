import { Choice } from '../../shared/Choice';
import type { Schemas } from '../../api/client';

export type Method = { measure: Schemas['Entry.ThrowRead']['measure']; unit: 'mm' | '°'; words: string; short: string };

export const METHODS: readonly Method[] = [
  { measure: 'uprightRuler', unit: 'mm', words: 'upright', short: 'upright' },
  { measure: 'straightRuler', unit: 'mm', words: 'straight', short: 'straight' },
  { measure: 'angle', unit: '°', words: 'angle', short: 'degrees' },
];

export function MethodChoice({ method, onChoose }: { method: Method; onChoose: (m: Method) => void }) {
  return (
    <Choice
      label="Measured"
      value={method.measure}
      of={METHODS.map((m) => ({ value: m.measure, words: m.short }))}
      onChoose={(measure) => onChoose(METHODS.find((m) => m.measure === measure)!)}
      className="flex"
      button="button -ml-[2px] px-[10px] text-[15px] first:ml-0"
    />
  );
}
