import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answer, api, refusalOf, type Refusal } from '../../api/client';
import { leads, useMe } from '../../api/me';
import { refresh } from '../../api/queries';
import { dayAndClock } from '../../shared/time';
import { SmallDrawing } from '../../shared/SmallDrawing';
import { Difference } from './Difference';
import { Errata } from './Errata';
import { WORDS } from '../../api/contract';
import { placeOf, SheetPages } from './SheetPages';

/** A sheet on file: its revisions, what is doubted about it, its tables, and the next revision begun from it. */
export function SheetPage() {
  const { id = '', revision = '1' } = useParams();
  const navigate = useNavigate();
  const me = useMe();
  const client = useQueryClient();
  const path = { id, revision: Number(revision) };
  const { data: revisions, error } = useQuery({
    queryKey: ['sheet', id],
    retry: false,
    queryFn: async () => answer(await api.GET('/api/sheets/{id}', { params: { path: { id } } })),
  });
  const { data: flags } = useQuery({
    queryKey: ['sheet', id, revision, 'flags'],
    queryFn: async () => answer(await api.GET('/api/sheets/{id}/{revision}/flags', { params: { path } })),
  });
  const { data: card } = useQuery({
    queryKey: ['sheet', id, revision, 'card'],
    queryFn: async () => answer(await api.GET('/api/sheets/{id}/{revision}/card', { params: { path } })),
  });
  const { data: pages } = useQuery({
    queryKey: ['sheet', id, revision, 'pages'],
    queryFn: async () => answer(await api.GET('/api/sheets/{id}/{revision}/pages', { params: { path } })),
  });
  const [against, setAgainst] = useState<number>();
  const [refusal, setRefusal] = useState<Refusal>();
  if (error && !revisions) return <p className="border-2 border-ink bg-paper p-6 text-[18px]">{error.message}</p>;

  const revise = async () => {
    try {
      const draft = answer(await api.POST('/api/drafts/revision', { body: path }));
      await refresh(client, 'drafts');
      void navigate(`/drafts/${draft.id}`);
    } catch (e) {
      setRefusal(refusalOf(e));
    }
  };
  const say = async (flag: string, reply: 'asPrinted' | 'confirmedWithMaker') => {
    try {
      answer(
        await api.POST('/api/sheets/{id}/{revision}/answers', {
          params: { path },
          body: { flag, answer: reply, note: '' },
        }),
      );
    } catch (e) {
      setRefusal(refusalOf(e));
    }
    await refresh(client, 'sheet', id, revision);
  };
  const confirm = async () => {
    try {
      answer(await api.POST('/api/sheets/{id}/{revision}/confirm', { params: { path } }));
    } catch (e) {
      setRefusal(refusalOf(e));
    }
    await refresh(client);
  };
  const older = revisions?.filter((r) => r.revision < path.revision) ?? [];

  return (
    <div className="border-2 border-ink bg-paper text-ink">
      <div className="flex items-center gap-6 border-b-2 border-ink px-5 py-4">
        {card && <SmallDrawing of={card.drawing} width={150} height={104} />}
        <div className="min-w-0 flex-1">
          <h1 className="text-[27px] leading-tight font-bold">
            {card?.name ?? id}, revision {revision}
          </h1>
          <p className="text-[16px] text-pencil">
            {card?.maker}, {card?.class}; {revisions?.find((r) => r.revision === path.revision)?.source}
          </p>
          {card?.confirmedBy && (
            <p className="text-[16px]">
              Confirmed by <strong>{card.confirmedBy}</strong>.
            </p>
          )}
          {card && !card.confirmedBy && (
            <p className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[16px]">
              <strong className="text-red">No lead has confirmed it: no job built to it is released.</strong>
              {leads(me) && (
                <button type="button" className="button dark px-4 font-bold" onClick={() => void confirm()}>
                  I looked it through
                </button>
              )}
            </p>
          )}
          <p className="flex flex-wrap gap-x-5 text-[16px]">
            <a
              className="inline-flex min-h-[44px] items-center underline"
              href={`/api/sheets/${id}/${revision}`}
              download
            >
              the file
            </a>
            <a
              className="inline-flex min-h-[44px] items-center underline"
              href={`/api/sheets/${id}/${revision}/parts.csv`}
              download
            >
              parts as CSV
            </a>
            <a
              className="inline-flex min-h-[44px] items-center underline"
              href={`/api/sheets/${id}/${revision}/throws.csv`}
              download
            >
              throws as CSV
            </a>
            <a
              className="inline-flex min-h-[44px] items-center underline"
              href={`/api/sheets/${id}/${revision}/steps.csv`}
              download
            >
              steps as CSV
            </a>
            <a className="inline-flex min-h-[44px] items-center underline" href="/api/sheets/schema">
              the schema
            </a>
          </p>
        </div>
        <Link to="/sheets" className="button flex items-center">
          All sheets
        </Link>
        <button type="button" className="button dark px-5 text-[17px] font-bold" onClick={() => void revise()}>
          Type the next revision
        </button>
      </div>
      {refusal && (
        <p role="alert" className="px-5 py-2 text-red">
          {refusal.message}
        </p>
      )}
      <div className="grid grid-cols-2 max-lg:grid-cols-1">
        <section aria-label="Doubted" className="border-r border-steel px-5 py-4">
          <h2 className="text-[21px] font-bold">Doubted</h2>
          {flags?.length === 0 && <p className="text-pencil">Nothing on this sheet is hard to believe.</p>}
          {flags?.map((f) => (
            <p key={f.flag.id} className="border-b border-steel py-2 text-[16px]">
              <strong className="block">{placeOf(pages ?? [], f.flag.path)}</strong>
              {f.flag.reason} {f.flag.misreading}{' '}
              {f.answer && (
                <strong>{`${WORDS.flagAnswer[f.answer.answer]}, ${f.answer.by}, ${dayAndClock(f.answer.at)}`}</strong>
              )}
              {!f.answer && (
                <span className="flex gap-2 pt-1">
                  <button
                    type="button"
                    className="button px-3 text-[15px]"
                    onClick={() => void say(f.flag.id, 'asPrinted')}
                  >
                    As printed
                  </button>
                  <button
                    type="button"
                    className="button px-3 text-[15px]"
                    onClick={() => void say(f.flag.id, 'confirmedWithMaker')}
                  >
                    Confirmed with the maker
                  </button>
                </span>
              )}
            </p>
          ))}
        </section>
        <section aria-label="Revisions" className="px-5 py-4">
          <h2 className="text-[21px] font-bold">Revisions</h2>
          {revisions?.map((r) => (
            <div key={r.revision} className="flex min-h-[48px] items-center gap-4 border-b border-steel text-[17px]">
              <Link
                className={`underline ${r.revision === path.revision ? 'font-bold' : ''}`}
                to={`/sheets/${id}/${r.revision}`}
              >
                revision {r.revision}
              </Link>
              <span className="min-w-0 flex-1 truncate text-[15px] text-pencil">{r.source}</span>
              {r.revision < path.revision && (
                <button
                  type="button"
                  className="button px-3 text-[15px]"
                  aria-pressed={against === r.revision}
                  onClick={() => setAgainst(against === r.revision ? undefined : r.revision)}
                >
                  what changed since
                </button>
              )}
            </div>
          ))}
          {older.length === 0 && (
            <p className="pt-2 text-[15px] text-pencil">
              The first on file. A sheet on file is never changed; a change is a new revision.
            </p>
          )}
        </section>
      </div>
      <Errata kit={id} revision={path.revision} title="Errata from benches" />
      {pages && !against && (
        <SheetPages sections={pages} answered={new Set(flags?.filter((f) => f.answer).map((f) => f.flag.id))} />
      )}
      {against && <Difference id={id} before={against} after={path.revision} />}
    </div>
  );
}
