import { useBoxSize } from '../../shared/boxSize';

// px
const RADIUS = 110;
const EVERY = 24;

/**
 * A line round the aircraft, walked from the tail once round: solid as far as the run came, taped where it is, dotted
 * where it is not yet. It closes only by an unbroken run.
 */
export function RunRing({ of, done, low }: { of: number; done: number; low: number }) {
  const { box, size } = useBoxSize({ w: 640, h: 740 });
  const small = size.h < low;
  const [x0, x1] = [18, size.w - 18];
  const [y0, y1] = small ? [72, size.h - 40] : [178, size.h - 128];
  const r = Math.max(0, Math.min(RADIUS, (x1 - x0) / 2, (y1 - y0) / 2));
  const cx = (x0 + x1) / 2;
  const arc = (x: number, y: number) => `A${r} ${r} 0 0 1 ${x} ${y}`;
  const path =
    `M${cx} ${y1}H${x0 + r}${arc(x0, y1 - r)}V${y0 + r}${arc(x0 + r, y0)}` +
    `H${x1 - r}${arc(x1, y0 + r)}V${y1 - r}${arc(x1 - r, y1)}H${cx}`;
  if (size.h < 190 || of === 0) return <div ref={box} className="pointer-events-none absolute inset-0" />;
  const stroke = { d: path, fill: 'none', pathLength: of };
  return (
    <div ref={box} className="pointer-events-none absolute inset-0">
      <svg aria-hidden className="absolute inset-0 h-full w-full">
        <path d={path} fill="none" stroke="var(--line)" strokeWidth={4} strokeDasharray="2 7" />
        <path {...stroke} stroke="var(--line)" strokeWidth={7} strokeDasharray={`${done} ${of}`} />
        {done < of && (
          <>
            <path
              {...stroke}
              stroke="var(--line)"
              strokeWidth={17}
              strokeDasharray={`1 ${of}`}
              strokeDashoffset={-done}
            />
            <path
              {...stroke}
              stroke="var(--tape)"
              strokeWidth={13}
              strokeDasharray={`.97 ${of}`}
              strokeDashoffset={-done - 0.015}
            />
          </>
        )}
        {!small &&
          Array.from({ length: of }, (_, i) => i)
            .filter((i) => of <= EVERY || i % 2 === 0 || i === done)
            .map((i) => {
              const [x, y] = at((i + 0.5) / of, { x0, x1, y0, y1, r });
              return (
                <text
                  key={i}
                  x={x}
                  y={y + 6}
                  textAnchor="middle"
                  className={i === done ? 'text-[21px] font-bold' : 'text-[16px]'}
                  fill={i < done || i === done ? 'var(--line)' : 'var(--quiet)'}
                >
                  {i + 1}
                </text>
              );
            })}
      </svg>
    </div>
  );
}

type Box = { x0: number; x1: number; y0: number; y1: number; r: number };

/** A place on the line, a share of its whole from the tail, a little within it. */
function at(share: number, { x0, x1, y0, y1, r }: Box): [number, number] {
  const [w, h, a] = [x1 - x0 - 2 * r, y1 - y0 - 2 * r, (Math.PI * r) / 2];
  let s = share * (2 * w + 2 * h + 4 * a);
  const within = 22;
  const turn = (x: number, y: number, from: number): [number, number] => {
    const t = from + s / Math.max(1, r);
    return [x + Math.cos(t) * (r - within), y + Math.sin(t) * (r - within)];
  };
  const legs: [number, () => [number, number]][] = [
    [w / 2, () => [(x0 + x1) / 2 - s, y1 - within]],
    [a, () => turn(x0 + r, y1 - r, Math.PI / 2)],
    [h, () => [x0 + within, y1 - r - s]],
    [a, () => turn(x0 + r, y0 + r, Math.PI)],
    [w, () => [x0 + r + s, y0 + within]],
    [a, () => turn(x1 - r, y0 + r, -Math.PI / 2)],
    [h, () => [x1 - within, y0 + r + s]],
    [a, () => turn(x1 - r, y1 - r, 0)],
  ];
  for (const [length, place] of legs) {
    if (s <= length) return place();
    s -= length;
  }
  return [x1 - r - s, y1 - within];
}
