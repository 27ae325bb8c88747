import { Choice } from '../../shared/Choice';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';

type Throw = Schemas['ThrowView'];
type Sides = Schemas['SidesView'];
type Row = { title: string; key: string; throws: Throw[]; sides: Sides[] };

/** Surface-pair rows, one rate at a time: left and right, both ways, and left against right. */
export function ThrowTable({
  throws,
  sides,
  current,
  onChoose,
}: {
  throws: readonly Throw[];
  sides: readonly Sides[];
  current: Throw;
  onChoose: (id: string) => void;
}) {
  const rates = [...new Set(throws.map((t) => t.rate))];
  const rows = group(
    throws.filter((t) => t.rate === current.rate),
    sides,
  );
  return (
    <section aria-label="All throws" data-region="list" className="pt-1">
      <Choice
        label="Rate"
        value={current.rate}
        of={rates.map((rate) => {
          const of = throws.filter((t) => t.rate === rate);
          return { value: rate, words: `${rate} rate, ${of.filter((t) => !t.line.open).length} of ${of.length}` };
        })}
        onChoose={(rate) => {
          const of = throws.filter((t) => t.rate === rate);
          onChoose((of.find((t) => t.line.open) ?? of[0]!).line.id);
        }}
        className="flex items-center gap-2 border-b border-steel pb-2"
        button="button text-[15px]"
      />
      {rows.map((row) => (
        <div key={row.key} className="border-b border-steel py-1">
          <h3 className="pt-1 text-[16px] font-bold">{row.title}</h3>
          <div className="grid grid-cols-2 gap-x-3">
            {row.throws.map((t) => (
              <button
                type="button"
                key={t.line.id}
                aria-pressed={t === current}
                onClick={() => onChoose(t.line.id)}
                aria-label={`${t.name}, ${t.value ?? 'not yet'}, ${verdictWords(t.line)}`}
                className={`flex min-h-[44px] items-center gap-2 px-2 text-[16px]
                  ${t === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
              >
                <span className="text-pencil">{label(t)}</span>
                <span className={`ml-auto text-right text-[18px] ${t.line.standing === 'notMet' ? 'text-red' : ''}`}>
                  {t.value === null ? <span className="text-[15px] text-pencil">not yet</span> : t.figure}
                </span>
                <Jaws line={t.line} size={18} />
              </button>
            ))}
          </div>
          {row.sides.map(({ line: s, way }) => (
            <p key={s.id} className="flex items-center gap-2 px-2 pb-1 text-[15px] text-pencil">
              <span>left against right, {way}</span>
              <span className={`ml-auto ${s.standing === 'notMet' ? 'text-red' : 'text-ink'}`}>
                {s.reading ? `${s.reading}, ${s.limits}` : 'not yet'}
              </span>
              <Jaws line={s} size={18} />
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}

const label = (t: Throw) => `${t.side} ${t.way}`.trim();

function group(throws: readonly Throw[], sides: readonly Sides[]): Row[] {
  const rows = new Map<string, Row>();
  for (const t of throws) {
    const alike = (o: { pair: string; function: string }) => o.pair === t.pair && o.function === t.function;
    const key = `${t.pair} ${t.function}`;
    if (!rows.has(key))
      rows.set(key, { title: t.title, key, throws: [], sides: sides.filter((s) => alike(s) && s.rate === t.rate) });
    rows.get(key)!.throws.push(t);
  }
  const order = ['up', 'down', 'left', 'right', 'out'];
  for (const row of rows.values())
    row.throws.sort((a, b) => order.indexOf(a.way) - order.indexOf(b.way) || a.surface.localeCompare(b.surface));
  return [...rows.values()];
}
