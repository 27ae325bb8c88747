const R = 46;

/** Screws of a ring, each with its turn: across the diagonal, all started first. The words beside it say the same. */
export function Ring({ order }: { order: readonly number[] }) {
  return (
    <svg aria-hidden viewBox="-66 -66 132 132" className="my-1 h-[132px] w-[132px]">
      <circle r={R} fill="none" stroke="var(--steel-edge)" strokeWidth="2" />
      {order.map((place, turn) => {
        const a = ((place - 1) / order.length) * 2 * Math.PI - Math.PI / 2;
        return (
          <g key={place} transform={`translate(${R * Math.cos(a)} ${R * Math.sin(a)})`}>
            <circle r="15" fill="var(--paper)" stroke="var(--ink)" strokeWidth="2.5" />
            <text textAnchor="middle" dominantBaseline="central" fontSize="17" fontWeight="700" fill="var(--ink)">
              {turn + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
