/** A word in red on the mat, readable over the lines of the drawing. */
export function OverLines({ x, y, px, children }: { x: number; y: number; px: number; children: string }) {
  return (
    <text
      x={x}
      y={y}
      fontSize={16 * px}
      fontWeight="700"
      fill="var(--red-mat)"
      stroke="var(--mat)"
      strokeWidth={5 * px}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}
