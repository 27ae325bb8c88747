import type { Schemas } from '../../api/client';
import type { Place } from '../../shared/Drawing';

type Line = Schemas['DimensionView'];
type Laid = { line: Line; flat: boolean; x: number; y: number; left: number; top: number; width: number };

const HIGH = 36;

/** Dimension lines over the drawing; each leads to the field it is typed in. */
export function Dimensions({
  lines,
  place,
  onChoose,
}: {
  lines: readonly Line[];
  place: Place;
  onChoose: (line: Line) => void;
}) {
  const laid = layOut(lines, place);
  return (
    <>
      <svg aria-hidden className="pointer-events-none absolute inset-0 h-full w-full">
        {laid.map(({ line: l, flat, x, y, left, top, width }, i) => {
          const [x1, y1, x2, y2] = [place.x(l.fromAcross), place.y(l.fromDown), place.x(l.toAcross), place.y(l.toDown)];
          const ends = flat
            ? `M${x1} ${y1 - 6}V${y1 + 6}M${x1} ${y1}H${x2}M${x2} ${y2 - 6}V${y2 + 6}`
            : `M${x1 - 6} ${y1}H${x1 + 6}M${x1} ${y1}V${y2}M${x2 - 6} ${y2}H${x2 + 6}`;
          const leader = flat ? '' : `M${x} ${y}L${left > x ? left : left + width} ${top + 16}`;
          return <path key={i} d={ends + leader} stroke="var(--quiet)" strokeWidth="1.5" fill="none" />;
        })}
      </svg>
      {laid.map(({ line, left, top, width }, i) => (
        <button
          type="button"
          key={i}
          onClick={() => onChoose(line)}
          className="absolute min-h-[32px] border border-quiet bg-mat text-[14px] whitespace-nowrap text-line hover:bg-paper"
          style={{ left, top, width }}
        >
          {line.text}
        </button>
      ))}
    </>
  );
}

/** Each tag beside its line, on its own side of the aircraft; one that would lie on another goes below it. */
function layOut(lines: readonly Line[], place: Place): Laid[] {
  const laid: Laid[] = [];
  for (const line of lines) {
    const flat = Math.abs(line.fromDown - line.toDown) < Math.abs(line.fromAcross - line.toAcross);
    const x = place.x((line.fromAcross + line.toAcross) / 2);
    const y = place.y((line.fromDown + line.toDown) / 2);
    const width = 20 + line.text.length * 7.9;
    const left = flat
      ? x - width / 2
      : line.fromAcross >= 0
        ? Math.min(x + 14, place.width - width - 8)
        : Math.max(x - 14 - width, 8);
    let top = y - 16;
    while (laid.some((o) => Math.abs(o.top - top) < HIGH && o.left < left + width && left < o.left + o.width)) top += 4;
    laid.push({ line, flat, x, y, left, top, width });
  }
  return laid;
}
