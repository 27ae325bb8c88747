import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { panelOf, Tabs } from '../../shared/Tabs';

type Section = Schemas['SectionNow'];
type Field = Schemas['FieldNow'];
type Rows = Schemas['RowsNow'];

/**
 * A sheet on file, to be read in the manual's order: what it says, in its own words and in the other unit, and what is
 * not the maker's.
 */
export function SheetPages({ sections, answered }: { sections: readonly Section[]; answered: ReadonlySet<string> }) {
  const [page, setPage] = useState('throws');
  const section = sections.find((s) => s.key === page) ?? sections[0];
  if (!section) return null;
  const said = section.fields.filter(isSaid);
  const lists = section.lists.filter((l) => l.rows.length > 0);
  return (
    <section aria-label="What it says" className="border-t-2 border-ink">
      <Tabs
        label="Pages"
        value={section.key}
        onChoose={setPage}
        tabs={sections.map((s) => ({
          key: s.key,
          title: SHORT[s.key] ?? s.title,
          note: s.doubts > 0 ? `${s.doubts} doubted` : s.assumed > 0 ? `${s.assumed} assumed` : undefined,
          red: s.doubts > 0,
        }))}
      />
      <div {...panelOf(section.key)} className="flex flex-col gap-5 px-5 py-4">
        {said.length > 0 && (
          <dl className="grid grid-cols-[auto_1fr_auto_1fr] gap-x-4 text-[16px] max-lg:grid-cols-[auto_1fr]">
            {said.map((f) => (
              <div key={f.path} className="contents">
                <dt className="border-b border-steel py-[6px] text-[15px] text-pencil">{f.label}</dt>
                <dd className="min-w-0 border-b border-steel py-[6px] break-words">
                  <Value field={f} answered={answered} />
                </dd>
              </div>
            ))}
          </dl>
        )}
        {lists.map((l) => (
          <Table key={l.path} list={l} answered={answered} />
        ))}
        {said.length + lists.length === 0 && <p className="text-[17px] text-pencil">The sheet says nothing of this.</p>}
      </div>
    </section>
  );
}

// In a cell of a tab.
const SHORT: Record<string, string> = {
  kit: 'Lid',
  surfaces: 'Surfaces',
  balance: 'Balance',
  radio: 'Radio',
  parts: 'Parts',
};

const isSaid = (f: Field) => f.text !== '' || f.standing === 'notStated' || f.statements.length > 0;

// What has more columns than a page is wide is read row by row.
const WIDEST = 8;

function Table({ list, answered }: { list: Rows; answered: ReadonlySet<string> }) {
  const columns = (list.rows[0]?.fields ?? [])
    .map((f) => f.label)
    .filter((label) => list.rows.some((r) => r.fields.some((f) => f.label === label && isSaid(f))));
  const caption = (
    <>
      {list.one.charAt(0).toUpperCase() + list.one.slice(1)}{' '}
      <span className="font-normal text-pencil">{list.rows.length}</span>
    </>
  );
  if (columns.length > WIDEST) {
    return (
      <div>
        <h3 className="text-[17px] font-bold">{caption}</h3>
        {list.rows.map((r) => {
          const name =
            r.fields.find((f) => (f.label === 'title' || f.label === 'name') && f.text !== '') ?? r.fields[0];
          return (
            <dl
              key={r.path}
              aria-label={name?.text}
              className={`flex flex-wrap gap-x-5 border-b border-steel py-2 text-[16px] ${r.assumed ? 'text-pencil italic' : ''}`}
            >
              <div className="w-full">
                <dt className="sr-only">{name?.label}</dt>
                <dd className="font-bold">{name?.text}</dd>
              </div>
              {r.fields
                .filter((f) => f !== name && isSaid(f))
                .map((f) => (
                  <div key={f.path} className="flex gap-2">
                    <dt className="text-[15px] text-pencil">{f.label}</dt>
                    <dd>
                      <Value field={f} answered={answered} inline />
                    </dd>
                  </div>
                ))}
            </dl>
          );
        })}
      </div>
    );
  }
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-[16px]">
        <caption className="pb-1 text-left text-[17px] font-bold">{caption}</caption>
        <thead>
          <tr>
            {columns.map((c) => (
              <th
                key={c}
                scope="col"
                className="border-b-2 border-ink py-1 pr-4 text-left align-bottom text-[14px] font-normal text-pencil"
              >
                {c}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {list.rows.map((r) => (
            <tr key={r.path} className={r.assumed ? 'text-pencil italic' : ''}>
              {columns.map((c) => {
                const field = r.fields.find((f) => f.label === c);
                return (
                  <td key={c} className="border-b border-steel py-[6px] pr-4 align-top">
                    {field && <Value field={field} answered={answered} />}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {list.rows
        .flatMap((r) => r.lists.filter((l) => l.rows.length > 0).map((l) => ({ r, l })))
        .map(({ r, l }) => (
          <div key={l.path} className="pt-3 pl-6">
            <p className="text-[15px] text-pencil">{r.fields[0]?.text || r.title}</p>
            <Table list={l} answered={answered} />
          </div>
        ))}
    </div>
  );
}

/** The manual's words; the same in the other unit; and whose they are when not the maker's. */
function Value({ field, answered, inline = false }: { field: Field; answered: ReadonlySet<string>; inline?: boolean }) {
  if (field.standing === 'notStated') return <span className="text-pencil">not stated</span>;
  if (field.standing === 'contradicted') {
    return (
      <span>
        <span className="block">{field.text || <span className="text-red">nobody has decided</span>}</span>
        {field.statements.map((s) => (
          <span key={s.text + s.page} className="block text-[14px] text-pencil">
            printed {s.text}
            {s.page && `, page ${s.page}`}
          </span>
        ))}
        {field.reason && <span className="block text-[14px] text-pencil">{field.reason}</span>}
      </span>
    );
  }
  return (
    <span className={field.standing === 'assumed' ? 'text-pencil italic' : ''}>
      <span className={field.both ? 'whitespace-nowrap' : ''}>{field.text}</span>
      {field.both && field.both !== field.text && (
        <span className={`text-[14px] whitespace-nowrap text-pencil ${inline ? 'pl-1' : 'block'}`}>{field.both}</span>
      )}
      {field.standing === 'assumed' && <span className="text-[14px]"> assumed</span>}
      {field.flags
        .filter((f) => !answered.has(f.id))
        .map((f) => (
          <span key={f.id} className="block text-[14px] text-red">
            {f.reason} {f.misreading}
          </span>
        ))}
    </span>
  );
}

/** Where in the sheet a path is, in words: its page, its row and its field. */
export function placeOf(sections: readonly Section[], path: string): string {
  for (const s of sections) {
    const within = (rows: readonly Rows[]): string | undefined => {
      for (const l of rows) {
        for (const r of l.rows) {
          const field = r.fields.find((f) => f.path === path);
          if (field) return [s.title, r.title, field.label].filter(Boolean).join(': ');
          const deeper = within(r.lists);
          if (deeper) return deeper;
          if (r.path === path) return `${s.title}: ${r.title}`;
        }
      }
      return undefined;
    };
    const field = s.fields.find((f) => f.path === path);
    const found = field ? `${s.title}: ${field.label}` : within(s.lists);
    if (found) return found;
  }
  return path;
}
