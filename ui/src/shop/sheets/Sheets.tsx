import { useQueryClient } from '@tanstack/react-query';
import { type DragEvent, useRef, useState } from 'react';
import { Link } from 'react-router';
import { refusalOf, sendBytes, type Schemas } from '../../api/client';
import { refresh, useDrafts, useSheets } from '../../api/queries';
import { Search } from '../../shared/Search';
import { SmallDrawing } from '../../shared/SmallDrawing';
import { Unreadable } from '../../shared/Unreadable';
import { Drafts } from './Drafts';
import { Mistakes, type Mistake } from './Mistakes';

/**
 * The spec sheets on file, with their drawings, and the drafts being typed. A sheet file dropped here is read in, or
 * every mistake in it is listed.
 */
export function Sheets() {
  const [find, setFind] = useState('');
  const { data } = useSheets(find);
  const { data: drafts } = useDrafts();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const [said, setSaid] = useState<{ words: string; mistakes: Mistake[]; bad: boolean }>();

  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const sheet = await sendBytes<Schemas['SheetCard']>('/api/sheets', file, 'application/json');
      setSaid({ words: `${sheet.name}, revision ${sheet.revision}, is on file.`, mistakes: [], bad: false });
    } catch (e) {
      const r = refusalOf(e);
      setSaid({
        words: `${file.name}: ${r.message}`,
        mistakes: (r.detail.mistakes as Mistake[] | undefined) ?? [],
        bad: true,
      });
    }
    // The same file, mended, is to be taken again.
    if (input.current) input.current.value = '';
    await refresh(client, 'sheets');
  };
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void take(e.dataTransfer.files[0]);
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: a file is dropped here; the button beside it does the same
    <div
      className={`border-2 border-ink text-ink ${over ? 'bg-tape-wash' : 'bg-paper'}`}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <div className="flex items-center justify-between gap-4 border-b-2 border-ink px-5 py-4">
        <h1 className="text-[27px] leading-tight font-bold whitespace-nowrap">Spec sheets</h1>
        <div className="flex max-w-[420px] flex-1">
          <Search label="Name, maker or class" onFind={setFind} />
        </div>
        <button type="button" className="button" onClick={() => input.current?.click()}>
          Read in a file, or drop one
        </button>
        <Link to="/sheets/new" className="button dark flex items-center px-5 text-[17px] font-bold whitespace-nowrap">
          New sheet
        </Link>
        <input
          ref={input}
          type="file"
          accept=".json"
          aria-label="Sheet file"
          className="sr-only"
          tabIndex={-1}
          onChange={(e) => void take(e.target.files?.[0])}
        />
      </div>
      {said && (
        <Mistakes words={said.words} mistakes={said.mistakes} bad={said.bad} onClose={() => setSaid(undefined)} />
      )}
      <Unreadable of={data?.unreadable} what="Sheet" />
      <Unreadable of={drafts?.unreadable} what="Draft" />
      {drafts && !find && <Drafts of={drafts} />}
      <ul data-region="list" className="grid grid-cols-2 max-lg:grid-cols-1">
        {data?.sheets.map((s) => (
          <li key={s.hash} className="border-b border-steel odd:border-r">
            <Link to={`/sheets/${s.id}/${s.revision}`} className="flex gap-5 p-5 hover:bg-tape-wash">
              <SmallDrawing of={s.drawing} width={170} height={132} />
              <span className="min-w-0">
                <strong className="block text-[22px] leading-tight">{s.name}</strong>
                <span className="block">{s.maker}</span>
                <span className="block text-pencil">
                  {s.class}, revision {s.revision}
                </span>
                <span className="block truncate text-[15px] text-pencil">{s.source}</span>
                <span className="block pt-1 text-[15px]">
                  {s.throws} throw rows, {s.parts} parts, {s.steps} steps
                </span>
                {s.assumed + s.doubts > 0 && (
                  <span className="block text-[15px] font-bold">
                    {[s.assumed > 0 && `${s.assumed} assumed`, s.doubts > 0 && `${s.doubts} doubted`]
                      .filter(Boolean)
                      .join(', ')}
                  </span>
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {data?.sheets.length === 0 && (
        <p className="p-8 text-[18px]">
          {find ? 'No sheet has these words.' : 'No sheet yet. Begin one from its class, or read in a file.'}
        </p>
      )}
      {data && data.all > data.sheets.length && (
        <p className="border-t border-steel px-5 py-3 text-[15px] text-pencil">
          The first {data.sheets.length} of {data.all}. Type a few words to find another.
        </p>
      )}
    </div>
  );
}
