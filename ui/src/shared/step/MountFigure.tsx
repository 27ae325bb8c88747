import type { Schemas } from '../../api/client';

// Two degrees are not seen at this size: drawn so many times as far, and said to be.
const MORE = 4;
// Half of the mount's face, in the figure's own units.
const HALF = 44;

/**
 * A motor on its mount, from above with the nose up or from its left side with the nose left: the body's line broken,
 * where the shaft should point thin, where it points bold, and the edge that is packed.
 */
export function MountFigure({ mount }: { mount: Schemas['MountTilt'] }) {
  const { fromAbove, pulls, wanted, stands, pack } = mount;
  const [x, y] = fromAbove ? [120, pulls ? 122 : 28] : [pulls ? 196 : 44, 75];
  // Right of the nose is clockwise from above; down is anticlockwise with the nose to the left.
  const turned = (degrees: number) => (fromAbove ? 1 : -1) * MORE * degrees;
  const shown = turned(stands ?? wanted);
  const lift = HALF * Math.abs(Math.sin((shown * Math.PI) / 180));
  const edge = (pack === 'left' || pack === 'lower' ? -1 : 1) * (pulls ? 1 : -1);
  return (
    <figure className="my-1 flex items-center gap-3">
      <svg aria-hidden viewBox="0 0 240 150" className="h-[150px] w-[240px] shrink-0" fill="none">
        <g
          transform={`translate(${x} ${y}) rotate(${(fromAbove ? 0 : -90) + (pulls ? 0 : 180)})`}
          stroke="var(--ink)"
          strokeWidth={2}
        >
          <path d="M0 26V-116" stroke="var(--pencil)" strokeWidth={1.5} strokeDasharray="9 4 2 4" />
          <path d={`M${-HALF - 8} 26V0H${HALF + 8}V26`} />
          <g transform={`translate(0 ${-lift})`}>
            <path d="M0 0V-116" stroke="var(--pencil)" strokeWidth={1.5} transform={`rotate(${turned(wanted)})`} />
            <g transform={`rotate(${shown})`}>
              <rect x={-HALF} y={-8} width={2 * HALF} height={8} fill="var(--paper)" />
              <rect x={-27} y={-58} width={54} height={50} fill="var(--paper)" />
              <path d="M0 -58V-104" strokeWidth={5} />
            </g>
          </g>
          {pack && (
            <rect
              x={edge > 0 ? HALF - 20 : -HALF}
              y={-7}
              width={20}
              height={7}
              fill="var(--tape)"
              stroke="var(--tape-edge)"
            />
          )}
        </g>
      </svg>
      <figcaption className="text-[15px] leading-snug text-pencil">
        {fromAbove ? 'from above, nose up' : 'from its left side, nose left'}
        <span className="block">{`angles ${MORE} times as large`}</span>
        {pack && <strong className="block text-ink">{`washers at the ${pack} edge`}</strong>}
      </figcaption>
    </figure>
  );
}
