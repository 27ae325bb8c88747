import type { Schemas } from '../api/client';
import { useDrawing } from '../api/queries';

/** The airframe small, inked in as far as it has got; without inks as it will be. Empty until it is here. */
export function SmallDrawing({
  of,
  inks,
  width,
  height,
}: {
  of: Schemas['DrawingRef'];
  inks?: Schemas['PartInk'][];
  width: number;
  height: number;
}) {
  const { data: drawing } = useDrawing(of);
  if (!drawing) return <svg aria-hidden width={width} height={height} />;
  const got = new Map(inks?.map((i) => [i.part, i]));
  const px = Math.max(drawing.width / width, drawing.height / height);
  return (
    <svg
      aria-hidden
      width={width}
      height={height}
      viewBox={`${drawing.left - 2 * px} ${drawing.top - 2 * px} ${drawing.width + 4 * px} ${drawing.height + 4 * px}`}
    >
      {drawing.parts
        .filter((part) => part.kind !== 'hidden')
        .map((part) => {
          const p = { ...part, ...got.get(part.id) };
          const surface = p.kind === 'surface';
          const inked = surface && (p.throws === 'met' || p.throws === 'close');
          const bad = surface && p.throws === 'notMet';
          return (
            <path
              key={p.id}
              d={p.path}
              fill={inked ? 'var(--ink)' : bad ? 'var(--red)' : p.ink === 'notFitted' ? 'none' : 'var(--paper)'}
              stroke={bad ? 'var(--red)' : 'var(--ink)'}
              strokeWidth={(p.ink === 'inHand' ? 2.4 : 1.3) * px}
              strokeDasharray={p.ink === 'notFitted' ? `${1 * px} ${2.6 * px}` : undefined}
              strokeLinecap="round"
            />
          );
        })}
    </svg>
  );
}
