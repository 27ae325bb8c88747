import type { Schemas } from '../api/client';

/** The airframe small, inked in as far as it has got. */
export function SmallDrawing({
  drawing,
  width,
  height,
}: {
  drawing: Schemas['DrawingView'];
  width: number;
  height: number;
}) {
  const px = Math.max(drawing.width / width, drawing.height / height);
  return (
    <svg
      aria-hidden
      width={width}
      height={height}
      viewBox={`${drawing.left - 2 * px} ${drawing.top - 2 * px} ${drawing.width + 4 * px} ${drawing.height + 4 * px}`}
    >
      {drawing.parts.map((p) => {
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
