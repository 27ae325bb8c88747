import { a } from '../../shared/words';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { type EditTools, moveOn } from './editTools';
import { EditorField } from './EditorField';

/** The rows of a list, each folded to its title; one opens at a time as it is worked on. */
export function EditorRows({ rows, tools, inner }: { rows: Schemas['RowsNow']; tools: EditTools; inner?: boolean }) {
  const [open, setOpen] = useState<string | undefined>(
    inner || rows.rows.length === 1 ? rows.rows[0]?.path : undefined,
  );
  const add = async () => {
    const path = `${rows.path}[${rows.rows.length}]`;
    if (await tools.edit([{ path: rows.path, act: 'addRow' }])) return;
    setOpen(path);
    setTimeout(() => document.querySelector<HTMLElement>(`[id^="${CSS.escape(path)}"]`)?.focus(), 60);
  };
  return (
    <section aria-label={rows.one} className={inner ? 'mt-2 border-l-2 border-steel pl-3' : 'mt-4'}>
      {rows.means && <p className="text-[14px] text-pencil">{rows.means}</p>}
      {rows.mistake && <p className="text-[15px] text-red">{rows.mistake}</p>}
      {rows.rows.map((r, i) => {
        const all = r.fields.concat(r.lists.flatMap((l) => l.rows.flatMap((x) => x.fields)));
        const bad = all.filter((f) => f.mistake).length;
        const doubted = all.flatMap((f) => f.flags).filter((f) => !tools.answers.has(f.id)).length;
        const assumed = r.assumed || all.some((f) => f.standing === 'assumed');
        return (
          <details key={r.path} open={open === r.path || bad > 0 || doubted > 0} className="border-t border-steel">
            {/* biome-ignore lint/a11y/noStaticElementInteractions: a summary answers keys by itself */}
            <summary
              onClick={(e) => {
                e.preventDefault();
                setOpen(open === r.path ? undefined : r.path);
              }}
              data-field
              className="flex min-h-[44px] cursor-pointer items-center gap-2 text-[17px]"
            >
              <strong className="min-w-0 flex-1 truncate">{r.title || `${rows.one} ${i + 1}`}</strong>
              {bad > 0 && <span className="text-[14px] text-red">{bad} wrong</span>}
              {doubted > 0 && <span className="text-[14px] text-red">{doubted} doubted</span>}
              {assumed && (
                <span className="border border-tape-edge bg-tape px-[6px] text-[13px] text-on-tape">assumed</span>
              )}
            </summary>
            <div className="pb-2">
              {r.fields.map((f) => (
                <EditorField key={f.path} field={f} tools={tools} rowAssumed={r.assumed} />
              ))}
              {r.lists.map((l) => (
                <EditorRows key={l.path} rows={l} tools={tools} inner />
              ))}
              <div className="flex gap-2 pt-2">
                {(r.assumed || r.fields.some((f) => f.standing === 'assumed')) && (
                  <button
                    type="button"
                    data-field
                    className="button px-3 text-[15px]"
                    onClick={(e) => {
                      // The button goes with what it says: whoever walks by keys walks on.
                      if (e.detail === 0) moveOn(e.currentTarget, 1);
                      void tools.edit([{ path: r.path, act: 'confirm' }]);
                    }}
                  >
                    As the manual says
                  </button>
                )}
                <button
                  type="button"
                  className="button px-3 text-[15px]"
                  onClick={() => void tools.edit([{ path: r.path, act: 'removeRow' }])}
                >
                  Take this {inner ? rows.one : 'row'} out
                </button>
              </div>
            </div>
          </details>
        );
      })}
      <button
        type="button"
        data-field
        className="button mt-2 px-3 text-[15px]"
        onKeyDown={(e) => {
          // Enter walks the page; a row is added with the space bar.
          if (e.key !== 'Enter') return;
          e.preventDefault();
          moveOn(e.currentTarget, e.shiftKey ? -1 : 1);
        }}
        onClick={() => void add()}
      >
        Add {a(rows.one)}
      </button>
      {rows.rows.length === 0 && !inner && (
        <button
          type="button"
          data-field
          className="button mt-2 ml-2 px-3 text-[15px]"
          onClick={() => void tools.edit([{ path: rows.path, act: rows.notHere ? 'clear' : 'notHere' }])}
        >
          {rows.notHere ? 'None on this aircraft: take back' : 'None on this aircraft'}
        </button>
      )}
    </section>
  );
}
