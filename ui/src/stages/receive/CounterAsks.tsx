import { WORDS } from '../../api/contract';
import { useCounterSheet } from '../../api/queries';
import { Choice } from '../../shared/Choice';
import type { CounterProps } from './counter';

const WAYS = ['whole', 'parted', 'boxed'] as const;

/** As what the kit is built, and how its owner will carry it: asked while they stand there. */
export function CounterAsks({ form, put }: CounterProps) {
  const { data } = useCounterSheet(form.sheet);
  if (!form.sheet) return null;
  return (
    <>
      {(data?.options ?? []).map((o) => (
        <Choice
          key={o.id}
          label={`built with: ${o.name.toLowerCase()}`}
          titled
          value={form.options[o.id]}
          of={o.choices.map((c) => ({ value: c.choice, words: c.choice }))}
          onChoose={(choice) => put({ options: { ...form.options, [o.id]: choice } })}
          className="flex flex-wrap gap-2"
        />
      ))}
      <Choice
        label="the owner carries it"
        titled
        value={form.carried === 'notSaid' ? undefined : form.carried}
        of={WAYS.map((way) => ({ value: way, words: WORDS.carriage[way] }))}
        onChoose={(carried) => put({ carried })}
      />
    </>
  );
}
