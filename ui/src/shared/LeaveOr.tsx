type Props = { label: string; off?: boolean; onLeave: () => void; onDo: () => void };

/** How a form that opened on the paper ends: left as it was, or done. */
export function LeaveOr({ label, off = false, onLeave, onDo }: Props) {
  return (
    <div className="flex gap-2 pt-2">
      <button type="button" className="button flex-1" onClick={onLeave}>
        Leave it
      </button>
      <button type="button" className="button dark flex-[2] font-bold" disabled={off} onClick={onDo}>
        {label}
      </button>
    </div>
  );
}
