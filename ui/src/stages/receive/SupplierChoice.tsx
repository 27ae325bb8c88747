import { useShop } from '../../api/queries';

/** Who the kit came from, with how long they take claims. */
export function SupplierChoice({
  label,
  value,
  canBeUnsaid,
  onChoose,
}: {
  label: string;
  value: string;
  canBeUnsaid: boolean;
  onChoose: (id: string) => void;
}) {
  const { data: shop } = useShop();
  return (
    <label className="text-[14px] text-pencil">
      {label}
      <select className="field text-[17px] text-ink" value={value} onChange={(e) => onChoose(e.target.value)}>
        {canBeUnsaid && <option value="">not said</option>}
        {shop?.suppliers.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}, claims within {s.claimDays} days
          </option>
        ))}
      </select>
    </label>
  );
}
