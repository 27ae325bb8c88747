export type Tab<K extends string> = { key: K; title: string; note?: string | undefined; red?: boolean };

/** Arrow keys walk a tab list: the next one is chosen and has the focus. */
export const walking =
  <K extends string>(keys: readonly K[], value: K, onChoose: (key: K) => void) =>
  (e: React.KeyboardEvent) => {
    const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    e.preventDefault();
    const next = keys[(keys.indexOf(value) + by + keys.length) % keys.length]!;
    onChoose(next);
    document.getElementById(`tab-${next}`)?.focus();
  };

/** The rooms of one screen's paper: plain cells, the open one white with tape above. Arrow keys walk them. */
export function Tabs<K extends string>({
  label,
  tabs,
  value,
  onChoose,
}: {
  label: string;
  tabs: readonly Tab<K>[];
  value: K;
  onChoose: (key: K) => void;
}) {
  return (
    <div
      role="tablist"
      aria-label={label}
      onKeyDown={walking(
        tabs.map((t) => t.key),
        value,
        onChoose,
      )}
      className="flex shrink-0 border-b-2 border-ink bg-steel"
    >
      {tabs.map((t) => (
        <button
          type="button"
          key={t.key}
          id={`tab-${t.key}`}
          role="tab"
          aria-selected={t.key === value}
          aria-controls={t.key === value ? `panel-${t.key}` : undefined}
          tabIndex={t.key === value ? 0 : -1}
          onClick={() => onChoose(t.key)}
          className={`min-h-[52px] min-w-0 flex-1 border-r border-steel-edge px-1 text-center leading-tight
            last:border-r-0
            ${t.key === value ? 'border-t-[5px] border-t-tape bg-paper font-bold' : 'border-t-[5px] border-t-transparent'}`}
        >
          <span className="block truncate text-[15px]">{t.title}</span>
          {t.note !== undefined && (
            <span
              className={`block truncate text-[13px] font-normal ${t.red ? 'text-red' : t.key === value ? 'text-pencil' : 'text-ink'}`}
            >
              {t.note}
            </span>
          )}
        </button>
      ))}
    </div>
  );
}

/** What makes an element the panel of the open tab. */
export const panelOf = (open: string) => ({
  role: 'tabpanel',
  id: `panel-${open}`,
  'aria-labelledby': `tab-${open}`,
});
