import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import type { Recorder } from './entries';
import { duration } from '../../shared/time';
import { Substitutes } from './Substitutes';

type Props = {
  job: Schemas['JobView'];
  recorder: Recorder;
  data: Schemas['UnpackView'];
  bag: string;
  part: string;
  onBag: (bag: string) => void;
  onPart: (part: string) => void;
};

/**
 * Parts bag by bag: one part large in hand, digits for several at once, plus and minus for one. Counting adds and takes
 * away, so two people can count one bag.
 */
export function Bags({ job, recorder, data, bag, part, onBag, onPart }: Props) {
  const { record } = recorder;
  const [several, setSeveral] = useState('');
  const [unlisted, setUnlisted] = useState('');
  const [judging, setJudging] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const lastEnter = useRef(0);
  const onTheWay = useRef(new Map<string, number>());
  const here = data.bags.find((b) => b.bag === bag) ?? data.bags[0];
  const at = Math.max(0, here?.parts.findIndex((p) => p.id === part) ?? 0);
  const now = here?.parts[at];
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another part is in hand
  useEffect(() => setJudging(false), [now?.id]);
  if (!here || !now)
    return <p className="text-[17px]">The sheet has no parts list. Read one into its next revision as a table.</p>;

  const move = (by: number) => onPart(here.parts[(at + by + here.parts.length) % here.parts.length]!.id);
  // Hands are quicker than a network: the field is free and the next part in hand at once, so that what is typed next
  // is never counted for this one.
  const add = async (delta: number) => {
    if (delta === 0) return;
    const counted = now.present + (onTheWay.current.get(now.id) ?? 0) + delta;
    setSeveral('');
    if (delta > 0 && counted === now.listed && at < here.parts.length - 1) move(1);
    const going = (by: number) => onTheWay.current.set(now.id, (onTheWay.current.get(now.id) ?? 0) + by);
    going(delta);
    await record('unpack/counted', { part: now.id, delta });
    going(-delta);
  };
  const keys = (e: KeyboardEvent) => {
    if (e.repeat || e.nativeEvent.isComposing) return;
    // A bounced key is not a second screw; what was typed anew is counted at once.
    if (e.key === 'Enter' && several.trim() === '' && Date.now() - lastEnter.current < 400) return;
    if (e.key === 'Enter') lastEnter.current = Date.now();
    if (e.key === 'Enter') void add(several.trim() === '' ? 1 : Number(several.replace(',', '.')) || 0);
    else if (e.key === 'ArrowDown') move(1);
    else if (e.key === 'ArrowUp') move(-1);
    else return;
    e.preventDefault();
  };
  const undo = async () => {
    if (data.lastCount)
      await record('job/retracted', { entry: data.lastCount.entryId, reason: 'Counted wrongly.', typingError: false });
    field.current?.focus();
  };

  return (
    <section aria-label="Parts">
      <div role="group" aria-label="Bags" className="flex flex-wrap gap-2 pb-3">
        {data.bags.map((b) => {
          const short = b.parts.reduce((n, p) => n + p.short, 0);
          return (
            <button
              type="button"
              key={b.bag}
              className="button min-w-[76px] px-2 leading-tight"
              aria-pressed={b.bag === here.bag}
              onClick={() => {
                onBag(b.bag);
                onPart(b.parts[0]!.id);
              }}
            >
              <strong>Bag {b.bag}</strong>
              <span className="block text-[13px]">
                {!b.counted ? 'open' : short > 0 ? `${short} short` : 'all here'}
              </span>
            </button>
          );
        })}
      </div>
      <div className="border-2 border-ink p-3">
        <p className="text-[20px] leading-tight font-bold" aria-live="polite">
          {now.name}
        </p>
        <div className="flex items-center gap-2 pt-1">
          <p className="min-w-0 flex-1 leading-none" data-count>
            <span className="text-[52px] font-bold tabular-nums">{now.present}</span>
            <span className="text-[22px]"> of {now.listed}</span>
          </p>
          <button
            type="button"
            className="button h-[72px] w-[72px] text-[30px]"
            aria-label={`One ${now.name} fewer`}
            disabled={job.released || now.present === 0}
            onClick={() => void add(-1)}
          >
            −
          </button>
          <button
            type="button"
            className="button dark h-[72px] w-[84px] text-[30px]"
            aria-label={`One ${now.name} more`}
            disabled={job.released}
            onClick={() => void add(1)}
          >
            +
          </button>
        </div>
        <div className="flex gap-2 pt-2">
          <input
            ref={field}
            onKeyDown={keys}
            data-entry
            aria-label="Several at once"
            className="field w-[112px] text-[22px]"
            inputMode="numeric"
            placeholder="several"
            value={several}
            disabled={job.released}
            onChange={(e) => setSeveral(e.target.value.replace(/[^0-9-]/g, ''))}
          />
          <button
            type="button"
            className="button px-3"
            disabled={job.released || !Number(several)}
            onClick={() => void add(Number(several))}
          >
            add
          </button>
          <button
            type="button"
            className="button flex-1 px-2 text-[15px]"
            aria-label={`One ${now.name} is wrong`}
            disabled={job.released}
            onClick={() => void record('unpack/wrong-counted', { part: now.id, delta: 1, note: '' })}
          >
            one is wrong
          </button>
          <button
            type="button"
            className="button px-3"
            disabled={!data.lastCount || recorder.busy}
            title={data.lastCount?.said}
            onClick={() => void undo()}
          >
            undo
          </button>
        </div>
        {now.wrong > 0 && (
          <p className="flex items-center justify-between pt-1 text-[16px] text-red">
            {now.wrong} of the wrong kind or size
            <button
              type="button"
              className="min-h-[44px] text-ink underline"
              onClick={() => void record('unpack/wrong-counted', { part: now.id, delta: -1, note: '' })}
            >
              one fewer
            </button>
          </p>
        )}
        {now.misprint && (
          <p className="pt-1 text-[16px] text-red">The listed length cannot fit where the sheet puts it: a misprint.</p>
        )}
        {now.blocksSteps.length > 0 && (
          <p className="pt-1 text-[16px] text-red">blocks: {now.blocksSteps.join(', ')}</p>
        )}
        {now.isFastener && !job.released && (
          <button
            type="button"
            className="min-h-[44px] text-[16px] underline"
            aria-expanded={judging}
            onClick={() => setJudging(!judging)}
          >
            another screw in hand: would it do?
          </button>
        )}
      </div>
      {judging && (
        <Substitutes
          job={job}
          recorder={recorder}
          part={now}
          before={data.takenBefore.filter((b) => b.part === now.id)}
          onDone={() => setJudging(false)}
        />
      )}
      <p role="status" className="mt-2 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[17px]">
        {data.minutesPossible < data.minutesAll
          ? `Without what is missing, ${duration(data.minutesPossible)} of ${duration(data.minutesAll)} of work remain possible.`
          : `Nothing is known to be missing: all ${duration(data.minutesAll)} of work are possible.`}
      </p>
      <ul aria-label={`Bag ${here.bag}`} data-region="list" className="pt-2">
        {here.parts.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              className={`grid min-h-[44px] w-full grid-cols-[1fr_auto_88px] items-center gap-3 border-b border-steel
                px-2 text-left text-[16px] ${p.id === now.id ? 'bg-tape-wash font-bold' : ''}`}
              onClick={() => {
                onPart(p.id);
                field.current?.focus();
              }}
            >
              <span className="min-w-0 leading-tight">{p.name}</span>
              <span className="text-[18px] whitespace-nowrap tabular-nums">
                {p.present} of {p.listed}
              </span>
              <span
                className={`text-right text-[14px]
                  ${p.standing === 'missing' || p.standing === 'wrong' ? 'text-red' : 'font-normal text-pencil'}`}
              >
                {WORDS.countStanding[p.standing]}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {!job.released && (
        <button
          type="button"
          className="button mt-2 w-full"
          onClick={() => void record('unpack/bag-counted', { bag: here.bag, allHere: false })}
        >
          Bag {here.bag} is counted, the rest is missing
        </button>
      )}
      {data.substitutes.map((s, i) => (
        <p key={i} className="border-b border-steel py-2 text-[15px]">
          <strong>
            {s.quantity} × {s.size} for {s.part}
          </strong>
          , accepted by {s.by}. {s.why}
        </p>
      ))}
      {data.extra.map((e) => (
        <p key={e} className="flex min-h-[44px] items-center border-b border-steel text-[16px]">
          {e}, on no list
        </p>
      ))}
      {!job.released && (
        <div className="flex items-end gap-2 pt-2">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            something in the box that is on no list
            <input
              className="field text-[17px] text-ink"
              value={unlisted}
              onChange={(e) => setUnlisted(e.target.value)}
            />
          </label>
          <button
            type="button"
            className="button"
            disabled={!unlisted.trim()}
            onClick={() =>
              void record('unpack/extra', { name: unlisted, quantity: 1 }).then((ok) => ok && setUnlisted(''))
            }
          >
            extra
          </button>
        </div>
      )}
    </section>
  );
}
