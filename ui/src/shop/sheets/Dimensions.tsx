import type { Schemas } from '../../api/client';
import type { Place } from '../../shared/Drawing';

/** Dimension lines over the drawing; each leads to the field it is typed in. */
export function Dimensions({ lines, place, onChoose }: { lines: readonly Schemas['DimensionView'][]; place: Place; onChoose: (path: string) => void }) {
  return (
    <>
      <svg aria-hidden className="pointer-events-none absolute inset-0 h-full w-full">
        {lines.map((l, i) => {
          const [x1, y1, x2, y2] = [place.x(l.fromAcross), place.y(l.fromDown), place.x(l.toAcross), place.y(l.toDown)];
          const flat = Math.abs(y1 - y2) < Math.abs(x1 - x2);
          return <path key={i} d={flat ? `M${x1} ${y1 - 6}V${y1 + 6}M${x1} ${y1}H${x2}M${x2} ${y2 - 6}V${y2 + 6}` : `M${x1 - 6} ${y1}H${x1 + 6}M${x1} ${y1}V${y2}M${x2 - 6} ${y2}H${x2 + 6}`} stroke="var(--quiet)" strokeWidth="1.5" fill="none" />;
        })}
      </svg>
      {lines.map((l, i) => {
        const flat = Math.abs(l.fromDown - l.toDown) < Math.abs(l.fromAcross - l.toAcross);
        const x = place.x((l.fromAcross + l.toAcross) / 2);
        const y = place.y((l.fromDown + l.toDown) / 2);
        const right = l.fromAcross >= 0;
        return (
          <button
            key={i}
            onClick={() => onChoose(l.path)}
            className="absolute min-h-[32px] border border-quiet bg-mat px-2 text-[14px] whitespace-nowrap text-line hover:bg-paper"
            style={flat ? { left: x, top: y - 16, transform: 'translateX(-50%)' } : right ? { left: Math.min(x + 10, place.width - 100), top: y - 16 } : { right: Math.min(place.width - x + 10, place.width - 100), top: y - 16 }}
          >
            {l.text}
          </button>
        );
      })}
    </>
  );
}
