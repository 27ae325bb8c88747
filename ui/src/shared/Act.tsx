import { type ReactNode, useRef, useState } from 'react';
import { useMe } from '../api/me';

type Props = { label: string; onAct: () => void; disabled?: boolean; hint?: string | undefined; children?: ReactNode };

// ms
const BOUNCE = 400;

/**
 * The main act: bottom of the paper, the same place on every screen, 84 px high. A second press within 400 ms is
 * ignored.
 */
export function Act({ label, onAct, disabled, hint, children }: Props) {
  const me = useMe();
  const [deaf, setDeaf] = useState(false);
  const last = useRef(Number.NEGATIVE_INFINITY);
  const act = () => {
    if (performance.now() - last.current < BOUNCE) return;
    last.current = performance.now();
    setDeaf(true);
    setTimeout(() => setDeaf(false), BOUNCE);
    onAct();
  };
  return (
    <div data-region="act" className="flex h-[84px] shrink-0 border-t-2 border-ink">
      {children}
      <button
        type="button"
        data-act
        aria-busy={deaf}
        disabled={disabled}
        onClick={act}
        className="min-w-0 flex-1 bg-act px-4 text-on-act disabled:bg-steel disabled:text-pencil"
      >
        <span className="block truncate text-[23px] leading-tight font-bold">{label}</span>
        <span className="block truncate text-[13px]">{hint ?? (me ? `recording as ${me.name}` : '')}</span>
      </button>
    </div>
  );
}
