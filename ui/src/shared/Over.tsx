import { type ReactNode, useEffect, useRef } from 'react';

type Props = {
  title: string;
  hideTitle?: boolean;
  onClose?: (() => void) | undefined;
  className?: string;
  children: ReactNode;
};

/**
 * Paper laid over the screen until it is dealt with; nothing behind it is reached meanwhile. The browser's own
 * dialogue, which injects no style past the page's policy. Without `onClose` it stays.
 */
export function Over({ title, hideTitle, onClose, className = '', children }: Props) {
  const box = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const before = document.activeElement as HTMLElement | null;
    if (!box.current!.open) box.current!.showModal();
    return () => before?.focus();
  }, []);
  return (
    <dialog
      ref={box}
      aria-label={title}
      className={`m-auto max-h-[94vh] border-2 border-ink bg-paper p-4 text-ink backdrop:bg-ink/60 ${className}`}
      onCancel={(e) => {
        e.preventDefault();
        onClose?.();
      }}
    >
      {!hideTitle && <h2 className="pb-2 text-[22px] leading-tight font-bold">{title}</h2>}
      {children}
    </dialog>
  );
}
