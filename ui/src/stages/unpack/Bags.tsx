import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from '../../api/record';

type Props = { job: Schemas['JobView']; recorder: Recorder; bags: readonly Schemas['BagView'][]; extra: readonly string[] };

const WORDS: Record<Schemas['CountStanding'], string> = { notCounted: 'not counted', allHere: 'all here', missing: 'missing', extra: 'more than listed', wrong: 'wrong' };

/** Parts bag by bag against the list. Counting adds and takes away, so two people can count one bag. */
export function Bags({ job, recorder, bags, extra }: Props) {
  const { record } = recorder;
  const [unlisted, setUnlisted] = useState('');
  return (
    <section aria-label="Parts" className="py-4">
      <h2 className="text-[22px] font-bold">Parts</h2>
      {bags.map((bag) => (
        <details key={bag.bag} open={!bag.counted || bag.parts.some((p) => p.standing !== 'allHere')} className="border-b border-steel">
          <summary className="flex min-h-[48px] cursor-pointer items-center gap-3 text-[18px]">
            <strong>Bag {bag.bag}</strong>
            <span className="text-[15px] text-pencil">{!bag.counted ? 'not counted yet' : bag.parts.some((p) => p.short > 0) ? `${bag.parts.reduce((n, p) => n + p.short, 0)} short` : 'all here'}</span>
          </summary>
          {bag.parts.map((p) => (
            <div key={p.id} className="border-t border-steel py-1">
              <div className="flex min-h-[44px] items-center gap-1 text-[16px]">
                <span className="min-w-0 flex-1 pr-1">
                  {p.name}
                  <span className={`block text-[14px] ${p.standing === 'missing' || p.standing === 'wrong' ? 'text-red' : 'text-pencil'}`}>
                    {p.present} of {p.listed}, {WORDS[p.standing]}
                    {p.wrong > 0 && `, ${p.wrong} of the wrong kind`}
                  </span>
                </span>
                <button className="button w-[48px] px-0 text-[20px]" aria-label={`One ${p.name} fewer`} disabled={job.released || p.present === 0} onClick={() => void record('unpack/counted', { part: p.id, delta: -1 })}>
                  −
                </button>
                <button className="button w-[48px] px-0 text-[20px]" aria-label={`One ${p.name} more`} disabled={job.released} onClick={() => void record('unpack/counted', { part: p.id, delta: 1 })}>
                  +
                </button>
                <button className="button px-2 text-[14px]" aria-label={`One ${p.name} is wrong`} disabled={job.released} onClick={() => void record('unpack/wrong', { part: p.id, quantity: p.wrong + 1, note: '' })}>
                  wrong
                </button>
              </div>
              {p.blocksSteps.length > 0 && <p className="pb-1 text-[15px] text-red">blocks: {p.blocksSteps.join(', ')}</p>}
            </div>
          ))}
          {!job.released && (
            <div className="flex gap-2 border-t border-steel py-2">
              <button className="button flex-1" onClick={() => void record('unpack/bag-counted', { bag: bag.bag, allHere: true })}>
                all here
              </button>
              <button className="button flex-1" onClick={() => void record('unpack/bag-counted', { bag: bag.bag, allHere: false })}>
                counted, the rest is missing
              </button>
            </div>
          )}
        </details>
      ))}
      {extra.map((e) => (
        <p key={e} className="flex min-h-[44px] items-center border-b border-steel text-[16px]">
          {e}, on no list
        </p>
      ))}
      {!job.released && (
        <div className="flex items-end gap-2 pt-2">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            something in the box that is on no list
            <input className="field text-[17px]" value={unlisted} onChange={(e) => setUnlisted(e.target.value)} />
          </label>
          <button className="button" disabled={!unlisted.trim()} onClick={() => void record('unpack/extra', { name: unlisted, quantity: 1 }).then((ok) => ok && setUnlisted(''))}>
            extra
          </button>
        </div>
      )}
    </section>
  );
}
