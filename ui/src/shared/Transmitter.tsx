import type { Schemas } from '../api/client';

/** Where the stick goes, as whoever holds it sees it. */
export function Transmitter({ stick }: { stick: Schemas['StickView'] | undefined }) {
  if (!stick) return null;
  const box = (right: boolean) => {
    const [cx, cy] = [right ? 122 : 48, 52];
    const here = stick.right === right;
    return (
      <g key={String(right)}>
        <rect x={cx - 24} y={cy - 24} width={48} height={48} fill="var(--paper)" stroke="var(--line)" strokeWidth={2} />
        <path d={`M${cx - 24} ${cy}h48M${cx} ${cy - 24}v48`} stroke="var(--coarse)" strokeWidth={1} />
        {here && (
          <circle cx={cx} cy={cy} r={7} fill="none" stroke="var(--line)" strokeWidth={1.5} strokeDasharray="3 2" />
        )}
        <circle
          cx={cx + (here ? stick.across * 15 : 0)}
          cy={cy - (here ? stick.up * 15 : 0)}
          r={here ? 10 : 7}
          fill={here ? 'var(--tape)' : 'var(--line)'}
          stroke="var(--line)"
          strokeWidth={2}
        />
      </g>
    );
  };
  return (
    <svg aria-hidden width={170} height={92} className="shrink-0 max-lg:h-[70px]" viewBox="0 0 170 92">
      <path
        d="M16 14h138l12 22-8 50H12L4 36Z"
        fill="var(--mat)"
        stroke="var(--line)"
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <path d="M85 14V2" stroke="var(--line)" strokeWidth={3} />
      {box(false)}
      {box(true)}
    </svg>
  );
}
