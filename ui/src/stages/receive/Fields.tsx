type Text<K extends string> = Record<K, string>;

/** Plain fields of one thing, side by side: each with its title and what it is typed in. */
export function Fields<K extends string>({
  of,
  value,
  onChange,
  columns = 'grid-cols-2',
}: {
  of: readonly (readonly [K, string])[];
  value: Text<K>;
  onChange: (value: Text<K>) => void;
  columns?: string;
}) {
  return (
    <div className={`grid gap-x-3 gap-y-2 ${columns}`}>
      {of.map(([field, title]) => (
        <label key={field} className="text-[14px] text-pencil">
          {title}
          <input
            className="field text-[17px] text-ink"
            value={value[field]}
            onChange={(e) => onChange({ ...value, [field]: e.target.value })}
          />
        </label>
      ))}
    </div>
  );
}

/** What was typed, without what was left empty. */
export const filled = <K extends string>(text: Record<K, string>) =>
  Object.fromEntries(Object.entries<string>(text).filter(([, value]) => value.trim())) as Partial<Record<K, string>>;

/** A whole number that was typed, or nothing. */
export const whole = (text: string) => (text.trim() ? Number(text) || 0 : null);
