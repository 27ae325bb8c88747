import { RadioGroup, ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

type Option<T> = { value: T; words: ReactNode; button?: string | undefined; disabled?: boolean };
type Props<T> = {
  /** What is chosen: its spoken name, and its title where `titled`. */
  label: string;
  titled?: boolean;
  value: T | undefined;
  of: readonly Option<T>[];
  onChoose: (value: T) => void;
  /** Choosing acts at once: walking past an answer must never give it, so arrows only walk. */
  acts?: boolean;
  className?: string;
  button?: string;
};

/**
 * One of several. Arrow keys choose, and Enter belongs to whatever it stands in; where choosing acts at once they walk,
 * and Enter or the space bar chooses.
 */
export function Choice<T extends string | number | boolean>(props: Props<T>) {
  const { label, titled, value, of, onChoose, acts, className = 'flex gap-2', button = 'button flex-1' } = props;
  const Group = acts ? ToggleGroup : RadioGroup;
  const shared = {
    'aria-label': label,
    className,
    onValueChange: (chosen: string) => {
      const option = of.find((o) => String(o.value) === chosen);
      if (option) onChoose(option.value);
    },
  };
  const items = of.map((o) => (
    <Group.Item
      key={String(o.value)}
      value={String(o.value)}
      disabled={o.disabled ?? false}
      className={o.button ?? button}
    >
      {o.words}
    </Group.Item>
  ));
  const group = acts ? (
    <ToggleGroup.Root type="single" role="radiogroup" value={value === undefined ? '' : String(value)} {...shared}>
      {items}
    </ToggleGroup.Root>
  ) : (
    <RadioGroup.Root value={value === undefined ? null : String(value)} {...shared}>
      {items}
    </RadioGroup.Root>
  );
  if (!titled) return group;
  return (
    <div>
      <span aria-hidden className="label">
        {label}
      </span>
      {group}
    </div>
  );
}
