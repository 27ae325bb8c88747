import { useEffect, useRef } from 'react';
import type { Refusal } from '../api/client';

type Between = { seq: number; by: string; said: string };

/** A refusal: what, where, and what to do. Focus moves to it. */
export function Notice({ refusal, onClose }: { refusal: Refusal | null; onClose: () => void }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!refusal) return;
    box.current?.focus();
  }, [refusal]);
  if (!refusal) return null;
  const between = (refusal.detail.between as Between[] | undefined) ?? [];
  return (
    <div
      ref={box}
      tabIndex={-1}
      role="alert"
      className="flex items-start gap-3 border-t-2 border-red bg-paper px-[18px] py-2 text-red"
    >
      <div className="min-w-0 flex-1">
        <p className="text-[16px] leading-snug">{refusal.message}</p>
        {between.map((b) => (
          <p key={b.seq} className="text-[14px] text-ink">
            {b.by}: {b.said}
          </p>
        ))}
      </div>
      <button type="button" onClick={onClose} className="-mr-2 min-h-[44px] shrink-0 px-2 text-ink underline">
        Close
      </button>
    </div>
  );
}
