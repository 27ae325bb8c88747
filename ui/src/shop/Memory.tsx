import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, refusalOf, type Schemas } from '../api/client';
import { refresh } from '../api/queries';
import { dayAndClock } from '../shared/time';

const SHOWN = 5;

/** What the shop remembers: whether it is as it was recorded, how far it is sealed, its backups, its mail. */
export function Memory() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: ['memory'],
    queryFn: async () => answer(await api.GET('/api/shop/memory')),
    // Until the first look after a start is done.
    refetchInterval: (q) => (q.state.data?.verified ? false : 2000),
  });
  const [busy, setBusy] = useState('');
  const [said, setSaid] = useState('');
  const act = async (what: string, send: () => Promise<unknown>) => {
    setBusy(what);
    setSaid('');
    try {
      await send();
    } catch (e) {
      setSaid(refusalOf(e).message);
    }
    await refresh(client, 'memory');
    setBusy('');
  };
  if (!data) return null;
  return (
    <section aria-label="Memory" className="border-t-2 border-ink px-5 py-4">
      <h2 className="text-[20px] font-bold">Memory</h2>
      {data.cut && (
        <p role="alert" className="my-2 border-2 border-red px-4 py-3 text-[17px] text-red">
          {data.cut}. Nothing is recorded until a backup is restored.
        </p>
      )}
      <div className="grid grid-cols-2 gap-x-8 gap-y-5 pt-3 max-lg:grid-cols-1">
        <div>
          <Looked of={data.verified ?? undefined} />
          <p className="pt-2 text-[15px] text-pencil">
            Seal <span className="font-bold text-ink">{data.seal}</span>, printed on each record: whoever keeps that
            page can have the journal checked against it.
          </p>
          <button
            type="button"
            className="button mt-3"
            disabled={busy !== ''}
            onClick={() => void act('look', async () => answer(await api.POST('/api/shop/memory/verify')))}
          >
            {busy === 'look' ? 'Looking…' : 'Look now'}
          </button>
        </div>
        <div>
          <Taken of={data.backups} />
          {data.backups.folder && (
            <button
              type="button"
              className="button mt-3"
              disabled={busy !== ''}
              onClick={() => void act('backup', async () => answer(await api.POST('/api/shop/memory/backup')))}
            >
              {busy === 'backup' ? 'Copying…' : 'Back up now'}
            </button>
          )}
        </div>
      </div>
      {data.mailWaiting.length > 0 && (
        <p className="pt-4 text-[16px] font-bold text-red">
          Mail that could not be handed over: {data.mailWaiting.join(', ')}. It is tried again with the next mail and at
          each start.
        </p>
      )}
      {said && (
        <p role="alert" className="pt-3 text-[16px] text-red">
          {said}
        </p>
      )}
    </section>
  );
}

function Looked({ of }: { of: Schemas['VerifiedView'] | undefined }) {
  if (!of) return <p className="text-[17px]">The first look since the start is under way.</p>;
  return (
    <>
      <p className={`text-[19px] font-bold ${of.sound ? '' : 'text-red'}`}>
        {of.sound
          ? 'All is as it was recorded'
          : `Not as it was recorded, ${of.found.length} ${of.found.length === 1 ? 'place' : 'places'}`}
      </p>
      <p className="text-[15px]">
        {of.entries} entries in {of.jobs} jobs, their papers and pictures; {of.registered} changes of people, sheets and
        settings. Looked at {dayAndClock(of.at)}.
      </p>
      {of.found.length > 0 && (
        <ul className="mt-2 list-disc pl-5 text-[15px] text-red">
          {of.found.map((f) => (
            <li key={f}>{f}</li>
          ))}
        </ul>
      )}
    </>
  );
}

function Taken({ of }: { of: Schemas['BackupsView'] }) {
  if (!of.folder) return <p className="text-[17px]">This server takes no backups: start it with a folder for them.</p>;
  const last = of.taken[0];
  return (
    <>
      <p className={`text-[19px] font-bold ${last?.sound === false || of.failed ? 'text-red' : ''}`}>
        {last ? `Last backup ${dayAndClock(last.at)}` : 'No backup yet'}
      </p>
      <p className="text-[15px]">
        One a day, brought back once to see that it can be. {of.taken.length > 0 && `${of.taken.length} kept.`}{' '}
        {of.beside && 'They lie beside the shop’s own file: copy them elsewhere too.'}
      </p>
      {of.failed && <p className="pt-1 text-[15px] text-red">The last try failed: {of.failed}</p>}
      <ul className="pt-1 text-[15px]">
        {of.taken.slice(0, SHOWN).map((b) => (
          <li key={b.file} className="flex gap-4 border-t border-steel py-1">
            <span className="min-w-0 flex-1 truncate">{b.file}</span>
            <span>{size(b.bytes)}</span>
            <span className={b.sound ? '' : 'font-bold text-red'}>{b.sound ? 'restores' : 'not sound'}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

const size = (bytes: number) => `${(bytes / 1_048_576).toFixed(1)} MB`;
