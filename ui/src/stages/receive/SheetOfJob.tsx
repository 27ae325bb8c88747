import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Schemas } from '../../api/client';
import { useMe } from '../../api/me';
import { may } from '../../api/record';
import type { Recorder } from './entries';
import { LineRow } from '../../shared/LineRow';

/** The sheet the job is built to: what it leaves open, and what moving to another revision would change. */
export function SheetOfJob({
  job,
  data,
  recorder,
}: {
  job: Schemas['JobView'];
  data: Schemas['ReceiveView'];
  recorder: Recorder;
}) {
  const me = useMe();
  const [to, setTo] = useState<number>();
  const [reason, setReason] = useState('');
  const [gap, setGap] = useState<string>();
  const [value, setValue] = useState('');
  const [why, setWhy] = useState('');
  const [notOn, setNotOn] = useState<Record<string, string>>({});
  const { data: move } = useQuery({
    queryKey: ['job', job.id, 'move', to],
    enabled: to !== undefined,
    queryFn: async () =>
      answer(
        await api.GET('/api/jobs/{id}/receive/move/{revision}', { params: { path: { id: job.id, revision: to! } } }),
      ),
  });
  const give = async () => {
    if (gap && (await recorder.record('receive/value-given', { for: gap, value, reason: why }))) {
      setGap(undefined);
      setValue('');
      setWhy('');
    }
  };
  return (
    <>
      <p className="text-[17px]">
        <Link className="underline" to={`/sheets/${data.sheetId}/${data.revision}`}>
          {data.sheet}, revision {data.revision}
        </Link>
        <span className="text-pencil">, {data.source}</span>
      </p>
      {data.lines.map((l) => (
        <div key={l.id}>
          <LineRow line={l} />
          {!l.open && <p className="pb-1 text-[15px] text-pencil">{l.why}</p>}
        </div>
      ))}
      {data.gaps.length > 0 && <h3 className="pt-3 text-[18px] font-bold">Not stated by the maker</h3>}
      {data.gaps.map((g) => (
        <div key={g.id} className="border-b border-steel py-1">
          <button
            type="button"
            className="flex min-h-[44px] w-full items-center justify-between gap-3 text-left"
            disabled={job.released}
            aria-expanded={gap === g.id}
            onClick={() => setGap(gap === g.id ? undefined : g.id)}
          >
            <span className="text-[16px]">
              {g.text} <span className="block text-[14px] text-pencil">{g.why}</span>
            </span>
            <span className="text-[15px] underline">give a value</span>
          </button>
          {gap === g.id && (
            <div className="flex flex-col gap-2 pb-2">
              {!may(me, 'receive/value-given') && (
                <p className="text-[15px] text-red">Only a lead gives a value in the maker's place.</p>
              )}
              <div className="flex gap-2">
                <input
                  className="field w-[38%]"
                  aria-label="Value"
                  placeholder="12 mm ± 1 mm"
                  value={value}
                  onChange={(e) => setValue(e.target.value)}
                />
                <input
                  className="field flex-1"
                  aria-label="Where it comes from"
                  placeholder="where it comes from"
                  value={why}
                  onChange={(e) => setWhy(e.target.value)}
                />
                <button type="button" className="button dark px-3" disabled={!value.trim()} onClick={() => void give()}>
                  give
                </button>
              </div>
            </div>
          )}
        </div>
      ))}
      <h3 className="pt-3 text-[18px] font-bold">Other revisions</h3>
      {data.otherRevisions.length === 0 && <p className="text-[15px] text-pencil">None on file.</p>}
      <div className="flex flex-wrap gap-2">
        {data.otherRevisions.map((r) => (
          <button
            type="button"
            key={r}
            className="button px-3 text-[15px]"
            aria-pressed={to === r}
            onClick={() => setTo(to === r ? undefined : r)}
          >
            see what revision {r} would change
          </button>
        ))}
      </div>
      {move && to !== undefined && (
        <section
          aria-label="What moving would change"
          className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2"
        >
          <p className="text-[17px] font-bold">
            {move.lines.length === 0
              ? 'Nothing shown so far would change.'
              : `${move.lines.length} ${move.lines.length === 1 ? 'line' : 'lines'} would change`}
          </p>
          <ul className="max-h-[240px] overflow-y-auto">
            {move.lines.map((l) => (
              <li key={l.id} className="border-t border-steel py-1 text-[15px]">
                <strong>{l.text}</strong>
                <br />
                {l.before} <span className="text-pencil">becomes</span>{' '}
                <span
                  className={
                    l.standsAfter === 'stale' || l.standsAfter === 'notMet' ? 'font-bold text-red' : 'font-bold'
                  }
                >
                  {l.after}
                </span>
                {l.refuses && <span className="block font-bold text-red">Put this right before the job moves.</span>}
                {l.asks && (
                  <input
                    className="field"
                    aria-label={`${l.text}: why it is not on this aircraft`}
                    placeholder="not on this aircraft: why?"
                    value={notOn[l.id] ?? ''}
                    onChange={(e) => setNotOn((n) => ({ ...n, [l.id]: e.target.value }))}
                  />
                )}
              </li>
            ))}
          </ul>
          {!may(me, 'receive/sheet-moved') && (
            <p className="pt-1 text-[15px] text-red">Only a lead moves a job to another revision.</p>
          )}
          {!job.released && (
            <div className="flex gap-2 pt-2">
              <input
                className="field flex-1"
                aria-label="Why it moves"
                placeholder="why it moves"
                value={reason}
                onChange={(e) => setReason(e.target.value)}
              />
              <button
                type="button"
                className="button dark"
                onClick={() =>
                  void recorder
                    .record('receive/sheet-moved', {
                      revision: to,
                      sheetHash: move.hash,
                      reason,
                      notOn: move.lines
                        .filter((l) => l.asks && notOn[l.id]?.trim())
                        .map((l) => ({ line: l.id, reason: notOn[l.id]! })),
                    })
                    .then((ok) => ok && setTo(undefined))
                }
              >
                Move to revision {to}
              </button>
            </div>
          )}
        </section>
      )}
    </>
  );
}
