import type { PointerEvent } from 'react';
import type { Schemas } from '../../api/client';

const W = 414;

/**
 * The reading on a scale: band, target, needle with its uncertainty, and the ghost of what the next setting should
 * give. Tapping it is an input.
 */
export function Gauge({ item, onTap }: { item: Schemas['ThrowView']; onTap: (value: string) => void }) {
  const end = item.scaleEnd;
  const x = (v: number) => 8 + (Math.max(0, Math.min(end, v)) / end) * (W - 16);
  const tick = end > 60 ? 10 : end > 25 ? 5 : 1;
  const big = end > 60 ? 50 : end > 25 ? 10 : 5;
  const bad = item.line.standing === 'notMet';
  const ghost = item.advice?.expect ?? null;
  const tap = (e: PointerEvent<SVGSVGElement>) => {
    const rect = e.currentTarget.getBoundingClientRect();
    const value = (((e.clientX - rect.left) * (W / rect.width) - 8) / (W - 16)) * end;
    onTap(String(Math.max(0, Math.round(value * 2) / 2)));
  };
  const { low, high } = item;
  return (
    <svg aria-hidden viewBox={`0 0 ${W} 82`} className="block w-full max-w-[560px] cursor-crosshair" onPointerUp={tap}>
      {low !== null && high !== null && (
        <>
          <rect
            x={x(low)}
            y="20"
            width={x(high) - x(low)}
            height="32"
            fill="var(--steel)"
            opacity="0.55"
            stroke="none"
          />
          <path d={`M${x(low)} 52V20H${x(high)}V52`} fill="none" stroke="var(--ink)" strokeWidth="2" />
          <text x={(x(low) + x(high)) / 2} y="14" textAnchor="middle" fontSize="15" fill="var(--ink)">
            {low} to {high}
          </text>
          <path d={`M${x(item.target)} 50l-6 -18h12z`} fill="none" stroke="var(--pencil)" strokeDasharray="3 2" />
        </>
      )}
      {ghost !== null && (
        <path
          d={`M${x(ghost)} 50l-7 -22h14z`}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth="1.6"
          strokeDasharray="2 2"
        />
      )}
      {item.value !== null && item.u !== null && (
        <g fill={bad ? 'var(--red)' : 'var(--ink)'} opacity={item.line.standing === 'stale' ? 0.45 : 1}>
          <rect
            x={x(item.value - item.u)}
            y="29"
            width={Math.max(2, x(item.value + item.u) - x(item.value - item.u))}
            height="7"
            opacity="0.4"
          />
          <path d={`M${x(item.value)} 51l-8 -24h16z`} />
        </g>
      )}
      <path d={`M2 52H${W - 2}`} stroke="var(--ink)" strokeWidth="2" />
      {Array.from({ length: Math.floor(end / tick) + 1 }, (_, i) => i * tick).map((v) => (
        <path key={v} d={`M${x(v)} 52v${v % big === 0 ? 10 : 5}`} stroke="var(--ink)" strokeWidth="1.4" />
      ))}
      {Array.from({ length: Math.floor(end / big) + 1 }, (_, i) => i * big).map((v) => (
        <text key={v} x={x(v)} y="77" textAnchor="middle" fontSize="15" fill="var(--pencil)">
          {v}
        </text>
      ))}
    </svg>
  );
}
