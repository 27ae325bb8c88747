import { useEffect, useState } from 'react';

/** A search field that speaks once the typing rests. */
export function Search({
  label,
  onFind,
  wait = 180,
}: {
  label: string;
  onFind: (words: string) => void;
  wait?: number;
}) {
  const [typed, setTyped] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => onFind(typed), wait);
    return () => clearTimeout(timer);
  }, [onFind, typed, wait]);
  return (
    <input
      type="search"
      aria-label={label}
      placeholder={label}
      className="field min-w-[160px] flex-1 text-[17px]"
      value={typed}
      onChange={(e) => setTyped(e.target.value)}
    />
  );
}
