import type { Schemas } from '../../api/client';

type Budget = Schemas['BudgetView'];
type Pack = Schemas['PackOutlook'];

const verdict = (p: Pack) =>
  !p.fits
    ? 'Does not fit'
    : !p.suits
      ? 'Not for this aircraft'
      : p.balances == null
        ? 'Not known yet'
        : p.balances
          ? p.pieces > 0
            ? 'Balances with ballast'
            : 'Balances'
          : 'Cannot balance';

/** What each pack does to weight and balance, in the words the owner is told. */
export function PackWords({
  budget,
  onChoose,
  flies,
}: {
  budget: Budget;
  onChoose?: (packs: readonly string[]) => void;
  flies?: string | undefined;
}) {
  return (
    <ul>
      {budget.packs.map((p) => (
        <li key={p.name} className="border-b border-steel py-2 last:border-0">
          <div className="flex items-baseline justify-between gap-3">
            <strong className={`text-[20px] leading-tight ${p.inTheWay ? 'text-red' : ''}`}>{verdict(p)}</strong>
            <span className="text-[15px] whitespace-nowrap text-pencil">{p.name}</span>
          </div>
          {!p.suits && <p className="text-[16px] font-bold text-red">{p.suitsWhy}</p>}
          <p className="text-[16px]">
            {p.fits ? p.words : p.fitWhy} {p.fits && p.balances == null && p.fitWhy}
          </p>
          <p className="text-[15px] text-pencil">
            {p.totalGrams} g all up
            {p.weightInLimit === false ? (
              <strong className="text-red">, outside {budget.weightLimits}</strong>
            ) : (
              budget.weightLimits && `, limits ${budget.weightLimits}`
            )}
            {p.first != null && p.last != null && `; centre ${p.first} to ${p.last} mm along the bay`}
          </p>
          {p.suits && p.suitsWhy && <p className="text-[15px] text-pencil">{p.suitsWhy}</p>}
          {onChoose && flies !== p.name && (
            <button type="button" className="button mt-1 px-3 text-[15px]" onClick={() => onChoose(p.packs)}>
              {p.packs.length > 1 ? 'these fly together' : 'this one flies'}
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}

/** The masses that are known so far. */
export function BudgetParts({ budget }: { budget: Budget }) {
  return (
    <table className="w-full text-[16px]">
      <caption className="pb-1 text-left text-[15px] text-pencil">{budget.words}</caption>
      <thead>
        <tr className="text-left text-[14px] text-pencil">
          <th className="font-normal">what</th>
          <th className="text-right font-normal">g</th>
          <th className="pl-5 text-right font-normal whitespace-nowrap">mm aft</th>
        </tr>
      </thead>
      <tbody>
        {budget.parts.map((p) => (
          <tr key={p.name} className="border-t border-steel">
            <td className="py-1">
              {p.name} <span className="text-[14px] text-pencil">{p.source}</span>
            </td>
            <td className="text-right tabular-nums">{p.grams}</td>
            <td className="pl-5 text-right whitespace-nowrap tabular-nums">{p.at ?? 'not known'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** On the drawing: the target band, and how far the centre runs as the pack slides along its bay. */
export function BudgetOver({ budget, px }: { budget: Budget; px: number }) {
  const pack = budget.packs.find((p) => p.first != null);
  if (budget.targetLow == null || budget.targetHigh == null) return null;
  const wide = 84 * px;
  return (
    <g>
      <rect
        x={-wide}
        y={budget.targetLow}
        width={2 * wide}
        height={Math.max(budget.targetHigh - budget.targetLow, 2 * px)}
        fill="var(--tape)"
        fillOpacity="0.65"
        stroke="var(--tape-edge)"
        strokeWidth={px}
      />
      {pack && (
        <>
          <path
            d={`M${-wide * 0.6} ${pack.first}H${wide * 0.6}M0 ${pack.first}V${pack.last}M${-wide * 0.6} ${pack.last}H${wide * 0.6}`}
            stroke="var(--line)"
            strokeWidth={2.2 * px}
            fill="none"
          />
          {pack.landsAt != null && (
            <circle cx={0} cy={pack.landsAt} r={5 * px} fill={pack.balances ? 'var(--line)' : 'var(--red-mat)'} />
          )}
        </>
      )}
    </g>
  );
}
