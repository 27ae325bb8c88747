import type { Schemas } from '../../api/client';
import { SmallDrawing } from '../../shared/SmallDrawing';

/** The kits whose sheets are on file, by their outline: the box on the counter has a picture on its lid. */
export function KitsOnTheMat({
  sheets,
  onChoose,
}: {
  sheets: readonly Schemas['SheetCard'][];
  onChoose: (sheet: Schemas['SheetCard']) => void;
}) {
  return (
    <ul
      aria-label="Kits"
      className="mat-grid absolute inset-0 grid auto-rows-max grid-cols-3 gap-3 overflow-y-auto p-[18px] pt-[84px]
        phone:grid-cols-2 phone:p-2"
    >
      {sheets.map((s) => (
        <li key={s.hash}>
          <button
            type="button"
            className="flex h-full w-full flex-col items-center border-2 border-ink bg-paper px-2 pt-3 pb-2 text-ink hover:bg-tape-wash"
            onClick={() => onChoose(s)}
          >
            <SmallDrawing of={s.drawing} width={150} height={116} />
            <strong className="pt-2 text-[16px] leading-tight">{s.name}</strong>
            <span className="text-[14px] text-pencil">{s.class}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
