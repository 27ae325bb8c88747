import { useQueryClient } from '@tanstack/react-query';
import { type KeyboardEvent, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answer, api, isGone, refusalOf, type Schemas, sendBytes } from '../../api/client';
import { refresh, useDraft } from '../../api/queries';
import { Act } from '../../shared/Act';
import { CureRail } from '../../shared/CureRail';
import { Drawing } from '../../shared/Drawing';
import { inSight } from '../../shared/inSight';
import { Mat } from '../../shared/Paper';
import { dayAndClock } from '../../shared/time';
import { Dimensions } from './Dimensions';
import { changed, fieldAt } from './draftChange';
import { EditorRows } from './EditorRows';
import { WORDS } from '../../api/contract';
import { EditorField } from './EditorField';
import { Errata } from './Errata';
import { type EditTools, FIELD_KEYS, places } from './editTools';
import { type Mistake, Mistakes } from './Mistakes';
import { isOfSource, Source } from './Source';

/**
 * A sheet being typed: the manual's pages at the left, the airframe as it stands so far, and the fields of one page.
 */
export function Editor() {
  const { id = '' } = useParams();
  const { data: draft, error } = useDraft(id);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [page, setPage] = useState('kit');
  const [said, setSaid] = useState<{ words: string; mistakes: Mistake[] }>();
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const table = useRef<HTMLInputElement>(null);
  if (error && (!draft || isGone(error))) return <Gone words={error.message} />;
  if (!draft) return <p className="p-8">Opening the sheet…</p>;

  const section = draft.sections.find((s) => s.key === page) ?? draft.sections[0]!;
  const version = () => client.getQueryData<Schemas['DraftView']>(['draft', id])?.version ?? draft.version;

  // One after the other: each change is made on the version the one before it left.
  const change = (send: () => Promise<Schemas['DraftChange']>) => {
    const next = queue.current.then(async () => {
      try {
        const change = await send();
        client.setQueryData<Schemas['DraftView']>(['draft', id], (was) => was && changed(was, change));
        return undefined;
      } catch (e) {
        const r = refusalOf(e);
        if (r.status === 409) await refresh(client, 'draft', id);
        return r;
      }
    });
    queue.current = next;
    return next;
  };
  const params = { params: { path: { id } } };
  const tools: EditTools = {
    answers: new Map(draft.answers.map((a) => [a.flag, a])),
    edit: (edits) =>
      change(async () =>
        answer(
          await api.POST('/api/drafts/{id}/edits', {
            ...params,
            body: {
              version: version(),
              edits: edits.map((e) => ({
                path: '',
                act: 'set' as const,
                text: '',
                page: '',
                reason: '',
                source: '',
                ...e,
              })),
            },
          }),
        ),
      ),
    say: (flag, reply, text = '') =>
      change(async () =>
        answer(
          await api.POST('/api/drafts/{id}/answers', {
            ...params,
            body: { version: version(), flag, answer: reply, note: '', text },
          }),
        ),
      ),
  };
  const list = page === 'parts' || page === 'throws' || page === 'steps' ? page : undefined;
  const takeTable = async (file: File | undefined) => {
    if (!file || !list) return;
    const r = await change(() => sendBytes(`/api/drafts/${id}/csv/${list}?version=${version()}`, file, 'text/csv'));
    setSaid(
      r
        ? { words: `${file.name}: ${r.message}`, mistakes: (r.detail.mistakes as Mistake[] | undefined) ?? [] }
        : undefined,
    );
    if (table.current) table.current.value = '';
  };
  const fileIt = async () => {
    await queue.current;
    try {
      const sheet = answer(await api.POST('/api/drafts/{id}/file-it', params));
      await refresh(client);
      void navigate(`/sheets/${sheet.id}/${sheet.revision}`);
    } catch (e) {
      const r = refusalOf(e);
      setSaid({ words: r.message, mistakes: (r.detail.mistakes as Mistake[] | undefined) ?? [] });
    }
  };
  const focus = (path: string) => setTimeout(() => document.getElementById(path)?.focus(), 60);
  const show = (line: Schemas['DimensionView']) => {
    if (line.page) setPage(line.page);
    setTimeout(() => inSight(document.getElementById(line.path), 'center'), 60);
  };
  // Within a page Enter walks its fields; these walk the pages, and lead to where a page's numbers are from.
  const onKeyDown = (e: KeyboardEvent) => {
    const at = draft.sections.findIndex((s) => s.key === section.key);
    const next = draft.sections[at + (e.key === 'PageDown' ? 1 : -1)];
    if (e.altKey && (e.key === 'PageDown' || e.key === 'PageUp') && next) {
      e.preventDefault();
      setPage(next.key);
      setTimeout(() => places()[0]?.focus(), 60);
    } else if (e.key === 'F4' && !e.altKey) {
      e.preventDefault();
      // A page whose paper is the manual has its three fields folded away.
      if (page !== 'kit') document.querySelector<HTMLDetailsElement>('details[data-source]')!.open = true;
      focus(page === 'kit' ? '$.kit.source' : `$.sources.${page}.kind`);
    }
  };
  const field = (path: string) => fieldAt(draft, path);
  const mistakes = draft.mistakes.length;

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of whatever in it has focus
    <div className="frame" onKeyDown={onKeyDown}>
      <nav
        aria-label="Pages"
        data-region="ruler"
        className="flex min-h-0 flex-col overflow-y-auto border-r-2 border-ink bg-steel [grid-area:ruler]
          max-lg:flex-row max-lg:overflow-x-auto max-lg:border-r-0 max-lg:border-b-2"
      >
        <Link
          to="/sheets"
          className="flex min-h-[52px] shrink-0 items-center border-b border-steel-edge px-4 text-[15px]"
        >
          Spec sheets
        </Link>
        {draft.sections.map((s) => (
          <button
            type="button"
            key={s.key}
            aria-current={s.key === page ? 'page' : undefined}
            onClick={() => setPage(s.key)}
            className={`min-h-[52px] shrink-0 border-b border-steel-edge px-4 text-left text-[16px] leading-tight
              ${s.key === page ? 'border-l-[6px] border-l-tape bg-paper pl-[10px] font-bold' : ''}`}
          >
            {s.title}
            <span className={`block text-[13px] font-normal ${s.mistakes + s.doubts > 0 ? 'text-red' : ''}`}>
              {[
                s.mistakes > 0 && `${s.mistakes} wrong`,
                s.doubts > 0 && `${s.doubts} doubted`,
                s.assumed > 0 && `${s.assumed} assumed`,
              ]
                .filter(Boolean)
                .join(', ')}
            </span>
          </button>
        ))}
      </nav>
      <Mat title={draft.name} aside={`being typed, ${draft.nextRevision}`}>
        {draft.drawing ? (
          <Drawing
            drawing={draft.drawing}
            mode="plain"
            tags={(place) => (
              <Dimensions lines={draft.dimensions} place={place} field={field} tools={tools} onChoose={show} />
            )}
            pad={{ top: 110, bottom: 60, left: 70, right: 70 }}
            lettersDown={36}
          />
        ) : (
          <p className="absolute inset-x-8 top-[40%] text-[18px] text-quiet">
            Nothing can be drawn yet: it needs a wing with a panel, or a body.
          </p>
        )}
      </Mat>
      <section
        aria-label="Paper"
        className="flex min-h-0 min-w-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0"
      >
        <div data-region="now" className="min-h-0 flex-1 overflow-y-auto px-[18px] py-3">
          <div className="flex items-center justify-between gap-2">
            <h2 className="text-[24px] leading-tight font-bold">{section.title}</h2>
            {list && (
              <button type="button" className="button px-3 text-[15px]" onClick={() => table.current?.click()}>
                Read a table (CSV)
              </button>
            )}
          </div>
          <input
            ref={table}
            type="file"
            accept=".csv,.txt"
            aria-label="Table file"
            className="sr-only"
            tabIndex={-1}
            onChange={(e) => void takeTable(e.target.files?.[0])}
          />
          {(page === 'kit' || page === 'steps') && (
            <Errata kit={fieldAt(draft, '$.kit.id')?.text ?? ''} title="Errata from benches, not answered yet" />
          )}
          {section.fields
            .filter((f) => !isOfSource(f))
            .map((f) => (
              <EditorField key={f.path} field={f} tools={tools} />
            ))}
          <Source key={section.key} fields={section.fields.filter(isOfSource)} tools={tools} />
          {section.lists.map((l) => (
            <EditorRows key={l.path} rows={l} tools={tools} />
          ))}
          {draft.answers.length > 0 && (
            <section aria-label="Answered" className="mt-5 border-t-2 border-ink pt-2">
              <h3 className="text-[17px] font-bold">Answered so far</h3>
              {draft.answers.map((a) => (
                <p key={a.flag} className="text-[15px] text-pencil">
                  <code>{a.note}</code> <strong>{WORDS.flagAnswer[a.answer]}</strong>, {a.by}, {dayAndClock(a.at)}
                </p>
              ))}
            </section>
          )}
        </div>
        {said && <Mistakes words={said.words} mistakes={said.mistakes} bad onClose={() => setSaid(undefined)} />}
        <p className="border-t border-steel px-[18px] py-2 text-[14px] text-pencil">
          {draft.assumed} assumed, {draft.doubts} doubted. Saved as it is typed.{' '}
          <a className="underline" href={`/api/drafts/${id}/file`}>
            The file so far
          </a>
          <span className="block max-lg:hidden">
            Enter next,{' '}
            {FIELD_KEYS.map((k) => (
              <span key={k.key}>
                <kbd className="font-bold">{k.key}</kbd> {k.words},{' '}
              </span>
            ))}
            Alt+PageDown next page
          </span>
        </p>
        <Act
          label="Put it on file"
          onAct={() => void fileIt()}
          disabled={mistakes > 0}
          hint={
            mistakes > 0
              ? `${mistakes} ${mistakes === 1 ? 'mistake stands' : 'mistakes stand'} between: ${draft.mistakes[0]!.where}`
              : 'assumed stays marked; on file it is not changed any more'
          }
        />
      </section>
      <CureRail />
      {draft.names.map((n) => (
        <datalist key={n.of} id={`names-${n.of}`}>
          {n.names.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      ))}
    </div>
  );
}

function Gone({ words }: { words: string }) {
  return (
    <div className="p-8 text-[18px]">
      <p>{words} It may have been put on file or thrown away.</p>
      <Link className="underline" to="/sheets">
        Spec sheets
      </Link>
    </div>
  );
}
