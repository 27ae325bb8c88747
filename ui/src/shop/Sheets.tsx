import { useQueryClient } from '@tanstack/react-query';
import { type DragEvent, useRef, useState } from 'react';
import { useSheets } from '../api/queries';
import { SmallDrawing } from '../shared/SmallDrawing';

type Mistake = { path: string; text: string };

/** The spec sheets on file, with their drawings. A sheet file dropped here is read in, or every mistake in it is listed. */
export function Sheets() {
  const { data } = useSheets();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ words: string; mistakes: Mistake[] }>();

  const take = async (file: File | undefined) => {
    if (!file) return;
    const response = await fetch('/api/sheets', { method: 'POST', body: file, headers: { 'Content-Type': 'application/json' } }).catch(() => null);
    const body = (await response?.json().catch(() => ({}))) as { title?: string; name?: string; revision?: number; mistakes?: Mistake[] } | undefined;
    setSaid(response?.ok ? { words: `${body?.name}, revision ${body?.revision}, is on file.`, mistakes: [] } : { words: `${file.name}: ${body?.title ?? 'the server cannot be reached.'}`, mistakes: body?.mistakes ?? [] });
    await client.invalidateQueries({ queryKey: ['sheets'] });
  };
  const drop = (e: DragEvent) => {
    e.preventDefault();
    void take(e.dataTransfer.files[0]);
  };

  return (
    <div className="border-2 border-ink bg-paper text-ink" onDragOver={(e) => e.preventDefault()} onDrop={drop}>
      <div className="flex items-center justify-between border-b-2 border-ink px-5 py-4">
        <h1 className="text-[27px] leading-tight font-bold">Spec sheets</h1>
        <button className="button" onClick={() => input.current?.click()}>
          Read in a file, or drop one here
        </button>
        <input ref={input} type="file" accept=".json" className="hidden" onChange={(e) => void take(e.target.files?.[0])} />
      </div>
      {said && (
        <div role="status" className={`border-b border-steel px-5 py-3 ${said.mistakes.length > 0 ? 'text-red' : ''}`}>
          <p className="font-bold">{said.words}</p>
          <ul>
            {said.mistakes.map((m, i) => (
              <li key={i} className="text-[15px]">
                <code>{m.path}</code>: {m.text}
              </li>
            ))}
          </ul>
        </div>
      )}
      <ul className="grid grid-cols-2 max-lg:grid-cols-1">
        {data?.map((s) => (
          <li key={s.hash} className="flex gap-5 border-b border-steel p-5">
            <SmallDrawing drawing={s.drawing} width={190} height={150} />
            <div>
              <strong className="block text-[22px] leading-tight">{s.name}</strong>
              <span className="block">{s.maker}</span>
              <span className="block text-pencil">
                {s.class}, revision {s.revision}
              </span>
              <span className="block text-[15px] text-pencil">{s.source}</span>
              <span className="block pt-2 text-[15px]">
                {s.throws} throw rows · {s.parts} parts · {s.steps} steps
              </span>
              <a className="inline-flex min-h-[44px] items-center underline" href={`/api/sheets/${s.id}/${s.revision}`} download>
                the file
              </a>
            </div>
          </li>
        ))}
      </ul>
    </div>
  );
}
