import type { Schemas } from '../../api/client';

/** What is called, from near: where it stands broken, where it must go in ink. */
export function Closer({ drawing, call }: { drawing: Schemas['DrawingView']; call: Schemas['OutputView'] }) {
  const { left, top, width, height } = call.closer!;
  const px = width / 190;
  return (
    <figure className="absolute bottom-12 left-4 border-2 border-ink bg-mat phone:hidden">
      <svg aria-hidden width={190} height={190} viewBox={`${left} ${top} ${width} ${height}`}>
        {drawing.parts.map((p) => (
          <path
            key={p.id}
            d={p.path}
            fill={p.kind === 'hidden' ? 'none' : 'var(--mat)'}
            stroke="var(--line)"
            strokeWidth={1.5 * px}
            {...(call.parts.includes(p.id) && { strokeDasharray: `${6 * px} ${4 * px}` })}
          />
        ))}
        {call.moved.map((p) => (
          <path key={p.id} d={p.path} fill="var(--tape)" stroke="var(--line)" strokeWidth={3.5 * px} />
        ))}
      </svg>
      <figcaption className="border-t-2 border-ink bg-paper px-2 text-[14px] text-ink">from below, nose up</figcaption>
    </figure>
  );
}
