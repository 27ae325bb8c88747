import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Refusal, refusalOf, type Schemas } from '../../api/client';
import { leads, useMe } from '../../api/me';
import { refresh } from '../../api/queries';
import { Erratum } from '../../shared/Erratum';

type Props = {
  kit: string;
  /** The revision that may answer them; without one they are only shown. */
  revision?: number;
  title: string;
};

/** What benches proposed to put right in the manual of this kit: first what stands, then how the rest was answered. */
export function Errata({ kit, revision, title }: Props) {
  const { data } = useQuery({
    queryKey: ['sheet', kit, 'errata'],
    enabled: kit !== '',
    queryFn: async () => answer(await api.GET('/api/sheets/{id}/errata', { params: { path: { id: kit } } })),
  });
  const me = useMe();
  const open = data?.filter((e) => !e.how) ?? [];
  const answered = revision === undefined ? [] : (data?.filter((e) => e.how) ?? []);
  if (open.length + answered.length === 0) return null;
  return (
    <section aria-label={title} className="border-t-2 border-ink px-5 py-4">
      <h2 className="text-[21px] font-bold">{title}</h2>
      <div className="grid grid-cols-2 gap-x-6 max-lg:grid-cols-1">
        {open.map((e) => (
          <Erratum key={e.id} of={e} at>
            {revision !== undefined && leads(me) && <Answer of={e} kit={kit} revision={revision} />}
          </Erratum>
        ))}
        {answered.map((e) => (
          <Erratum key={e.id} of={e} at>
            <p className="text-[15px]">
              <strong>{e.answered === null ? 'The manual is right' : `Answered by revision ${e.answered}`}</strong>,{' '}
              {e.answeredBy}: <bdi>{e.how}</bdi>
            </p>
          </Erratum>
        ))}
      </div>
    </section>
  );
}

function Answer({ of: e, kit, revision }: { of: Schemas['ErratumView']; kit: string; revision: number }) {
  const client = useQueryClient();
  const [how, setHow] = useState('');
  const [refusal, setRefusal] = useState<Refusal>();
  const say = async (by: number | null) => {
    try {
      answer(
        await api.POST('/api/errata/{id}/answer', { params: { path: { id: e.id } }, body: { revision: by, how } }),
      );
      setRefusal(undefined);
      await refresh(client, 'sheet', kit, 'errata');
      await refresh(client, 'job');
    } catch (caught) {
      setRefusal(refusalOf(caught));
    }
  };
  return (
    <div className="flex flex-wrap gap-2 py-1">
      <input
        className="field min-w-[200px] flex-1"
        aria-label={`What was done about: ${e.isSo}`}
        placeholder="what was done about it"
        value={how}
        onChange={(k) => setHow(k.target.value)}
      />
      {revision > e.revision && (
        <button
          type="button"
          className="button dark px-3 text-[15px]"
          disabled={!how.trim()}
          onClick={() => void say(revision)}
        >
          This revision says it right
        </button>
      )}
      <button type="button" className="button px-3 text-[15px]" disabled={!how.trim()} onClick={() => void say(null)}>
        The manual is right
      </button>
      {revision <= e.revision && (
        <p className="w-full text-[14px] text-pencil">
          It was met on revision {e.revision}; a later one can answer it. Until then every job is told.
        </p>
      )}
      {refusal && (
        <p role="alert" className="w-full text-red">
          {refusal.message}
        </p>
      )}
    </div>
  );
}
