import type { Ref } from 'react';

type Props = {
  label: string;
  value: string;
  onChange: (pin: string) => void;
  id?: string;
  fresh?: boolean;
  invalid?: boolean;
  ref?: Ref<HTMLInputElement>;
};

/** A PIN, typed unseen: digits by the number keys of a tablet. `fresh`: one that is being chosen. */
export function PinField({ label, value, onChange, id, fresh, invalid, ref }: Props) {
  return (
    <label className="block text-[14px] text-pencil">
      {label}
      <input
        ref={ref}
        id={id}
        className={`field mt-2! tracking-[0.3em] text-ink ${fresh ? 'text-[20px]' : 'text-[28px]'}`}
        type="password"
        inputMode="numeric"
        autoComplete={fresh ? 'new-password' : 'off'}
        maxLength={fresh ? 8 : 12}
        aria-invalid={invalid}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}
