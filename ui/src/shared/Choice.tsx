import { RadioGroup } from 'radix-ui';

/** One of a few words, side by side. Arrow keys choose; Enter belongs to whatever it stands in. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChoose,
  hideLabel,
}: {
  label: string;
  value: T | undefined;
  options: readonly { value: T; words: string; live?: boolean }[];
  onChoose: (value: T) => void;
  hideLabel?: boolean;
}) {
  return (
    <div>
      {!hideLabel && (
        <span aria-hidden className="label">
          {label}
        </span>
      )}
      <RadioGroup.Root
        aria-label={label}
        value={value ?? null}
        onValueChange={(v) => onChoose(v as T)}
        className="flex gap-1"
      >
        {options.map((o) => (
          <RadioGroup.Item
            key={o.value}
            value={o.value}
            className={`button min-h-[52px] min-w-0 flex-1 px-1 text-[16px] leading-tight phone:px-0 phone:text-[13.5px]
              ${o.live ? 'live' : ''}`}
          >
            {o.words}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
