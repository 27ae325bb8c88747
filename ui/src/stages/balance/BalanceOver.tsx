import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schemas } from '../../api/client';
import type { WeighedAt } from './WeighingForm';

type Props = {
  view: Schemas['BalanceView'];
  current: Schemas['ConfigurationView'];
  drawing: Schemas['DrawingView'];
  px: number;
  supports: readonly WeighedAt[];
};

/**
 * On the drawing: the range as a band, the target darker, the point with its uncertainty, the pack in its bay, the
 * supports.
 */
export function BalanceOver({ view, current, drawing, px, supports }: Props) {
  const { pack } = view;
  const half = Math.min(drawing.width / 2, 330 * px);
  const places = supports.map(({ x, y }) => ({ x, y }));
  const { data: drawn } = useQuery({
    queryKey: ['supports', places],
    placeholderData: (before) => before,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: async () => answer(await api.POST('/api/balance/supports', { body: places })),
  });
  return (
    <g>
      {current.low !== null && current.high !== null && (
        <>
          <rect
            x={-half}
            y={current.low}
            width={2 * half}
            height={current.high - current.low}
            fill="var(--tape)"
            opacity="0.35"
          />
          {current.targetLow !== null && current.targetHigh !== null && (
            <rect
              x={-half}
              y={current.targetLow}
              width={2 * half}
              height={current.targetHigh - current.targetLow}
              fill="var(--tape)"
              opacity="0.7"
            />
          )}
          <text x={half} y={current.low - 5 * px} textAnchor="end" fontSize={14 * px} fill="var(--line)">
            range {current.low} to {current.high}
          </text>
        </>
      )}
      {pack.bayTo > pack.bayFrom && (
        <rect
          x={-pack.bayWidth / 2}
          y={pack.bayFrom}
          width={pack.bayWidth}
          height={pack.bayTo - pack.bayFrom}
          fill="none"
          stroke="var(--line)"
          strokeWidth={1.5 * px}
          strokeDasharray={`${4 * px} ${4 * px}`}
        />
      )}
      {current.packFront !== null && (
        <rect
          x={-pack.bayWidth / 2 + 4}
          y={current.packFront}
          width={pack.bayWidth - 8}
          height={pack.length}
          fill="var(--line)"
        />
      )}
      {view.ballast.map((b) => (
        <g key={b.name}>
          <rect
            x={-6 * px}
            y={b.at - 6 * px}
            width={12 * px}
            height={12 * px}
            fill={b.pieces > 0 ? 'var(--line)' : 'var(--mat)'}
            stroke="var(--line)"
            strokeWidth={2 * px}
          />
          <text x={14 * px} y={b.at + 5 * px} fontSize={14 * px} fill="var(--line)">
            {b.name}
            {b.pieces > 0 && `, ${b.pieces} × ${b.piece} g`}
          </text>
        </g>
      ))}
      {drawn?.map((s, i) => (
        <g key={i}>
          <path
            d={`M${s.y} ${s.x}l${-10 * px} ${16 * px}h${20 * px}z`}
            fill="var(--paper)"
            stroke="var(--line)"
            strokeWidth={2 * px}
          />
          <text x={s.y} y={s.x + 13 * px} textAnchor="middle" fontSize={10 * px} fontWeight="700" fill="var(--ink)">
            {i + 1}
          </text>
        </g>
      ))}
      {current.x !== null && current.ux !== null && (
        <g opacity={current.range.standing === 'stale' ? 0.5 : 1}>
          <path
            d={`M0 ${current.x - current.ux}V${current.x + current.ux}`}
            stroke="var(--line)"
            strokeWidth={8 * px}
            opacity="0.5"
          />
          <circle
            cx={current.y ?? 0}
            cy={current.x}
            r={9 * px}
            fill="var(--mat)"
            stroke="var(--line)"
            strokeWidth={3 * px}
          />
          <path
            d={`M${(current.y ?? 0) - 14 * px} ${current.x}h${28 * px}M${current.y ?? 0} ${current.x - 14 * px}v${28 * px}`}
            stroke="var(--line)"
            strokeWidth={2 * px}
          />
        </g>
      )}
    </g>
  );
}
