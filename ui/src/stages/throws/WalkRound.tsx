import type { Schemas } from '../../api/client';

type Throw = Schemas['ThrowView'];

/** What follows, walking round the aircraft. */
export function WalkRound({
  throws,
  current,
  onChoose,
}: {
  throws: readonly Throw[];
  current: Throw;
  onChoose: (id: string) => void;
}) {
  const after = throws.slice(throws.indexOf(current) + 1).concat(throws.slice(0, throws.indexOf(current)));
  const next = after.filter((t) => t.line.open && t.rate === current.rate).slice(0, 3);
  if (next.length === 0) return null;
  return (
    <div className="absolute bottom-12 left-4 border-2 border-ink bg-paper px-3 py-2 text-ink max-lg:hidden">
      <p className="text-[15px] font-bold">Next, walking round</p>
      {next.map((t) => (
        <button
          type="button"
          key={t.line.id}
          className="block min-h-[32px] text-left text-[16px]"
          onClick={() => onChoose(t.line.id)}
        >
          {t.name.toLowerCase()}
        </button>
      ))}
    </div>
  );
}
