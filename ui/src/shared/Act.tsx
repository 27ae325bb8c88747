import { type ReactNode, useRef } from 'react';
import { useMe } from '../api/me';

type Props = { label: string; onAct: () => void; disabled?: boolean; hint?: string | undefined; children?: ReactNode };

/** The main act: bottom of the paper, the same place on every screen, 84 px high. A second press within 400 ms is ignored. */
export function Act({ label, onAct, disabled, hint, children }: Props) {
  const me = useMe();
  const last = useRef(0);
  const act = () => {
    if (Date.now() - last.current < 400) return;
    last.current = Date.now();
    onAct();
  };
  return (
    <div data-region="act" className="flex h-[84px] shrink-0 border-t-2 border-ink">
      {children}
      <button
        data-act
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
