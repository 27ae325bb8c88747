import type { Schemas } from '../../api/client';

type Style = Schemas['PlugStyle'] | null;

/** A wire has its own colour whatever the room. */
export const WIRE: Record<Schemas['WireColour'], string> = {
  white: '#fdfcf7',
  yellow: '#e9c84a',
  orange: '#d9772b',
  red: '#b3261e',
  brown: '#6b4a2f',
  black: '#14211e',
  grey: '#8c9189',
  blue: '#2f5f9e',
};

// Of a maker nobody described: light, between, dark.
const PLAIN = ['#fdfcf7', '#a3a8a0', '#14211e'];

const fills = (style: Style | undefined) => (style ? [WIRE[style.signal], WIRE[style.plus], WIRE[style.minus]] : PLAIN);

/** A plug from its signal side: three wires in this maker's colours, its rib, and the bar that the signal goes to. */
export function Plug({ style, width = 128 }: { style?: Style | undefined; width?: number }) {
  const wires = fills(style);
  return (
    <svg aria-hidden width={width} height={width * 0.86} viewBox="-6 0 134 115" className="shrink-0">
      {[
        ['signal', 24],
        ['+', 64],
        ['−', 104],
      ].map(([word, x], i) => (
        <g key={word as string}>
          <text x={x as number} y={12} fontSize={14} textAnchor="middle" fill="var(--ink)">
            {word}
          </text>
          <rect x={(x as number) - 5} y={18} width={10} height={18} fill={wires[i]} stroke="var(--ink)" />
        </g>
      ))}
      <rect x={4} y={36} width={120} height={34} fill="var(--tape)" stroke="var(--ink)" strokeWidth={2.5} />
      {style?.keyed && <path d="M4 43h-4v20h4z" fill="var(--ink)" />}
      {[24, 64, 104].map((x, i) => (
        <rect key={x} x={x - 9} y={44} width={18} height={18} fill={wires[i]} stroke="#14211e" strokeWidth={1.5} />
      ))}
      <rect x={4} y={84} width={120} height={22} fill="none" stroke="var(--ink)" strokeWidth={2.5} />
      {style?.keyed && <path d="M4 88h-4v14h4" fill="none" stroke="var(--ink)" strokeWidth={2} />}
      <rect x={8} y={87} width={7} height={16} fill="var(--ink)" />
      {[24, 64, 104].map((x) => (
        <g key={x} stroke="var(--ink)">
          <path d={`M${x} 70V84`} strokeDasharray="3 3" />
          <rect x={x - 4} y={90} width={8} height={10} fill="var(--ink)" />
        </g>
      ))}
    </svg>
  );
}

/** Three contacts with their wires, as small as a row: filled once the plug is in. */
export function Pins({ style, full, fault }: { style?: Style | undefined; full: boolean; fault: boolean }) {
  const wires = fills(style);
  return (
    <svg aria-hidden width={44} height={14} viewBox="0 0 44 14" className="shrink-0">
      <path d="M3 1V13" stroke="currentColor" strokeWidth={3} />
      {[12, 23, 34].map((x, i) =>
        full ? (
          <rect key={x} x={x - 4} y={2} width={8} height={10} fill={wires[i]} stroke="currentColor" />
        ) : (
          <circle
            key={x}
            cx={x}
            cy={7}
            r={2.2}
            fill={fault ? 'var(--red)' : 'none'}
            stroke={fault ? 'var(--red)' : 'currentColor'}
          />
        ),
      )}
    </svg>
  );
}

/** Bands as they are put round a lead, with what they are called. */
export function Bands({ band }: { band: Schemas['LeadBand'] }) {
  const fill = band.colour === 'black' ? WIRE.black : band.colour === 'white' ? WIRE.white : WIRE.yellow;
  return (
    <span className="inline-flex items-center gap-[3px] align-middle">
      {Array.from({ length: band.count }, (_, i) => (
        <span key={i} aria-hidden className="h-4 w-[6px] border border-ink" style={{ background: fill }} />
      ))}
      <span className="pl-1">{band.words}</span>
    </span>
  );
}
