import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Jaws, verdictWords } from '../../shared/Jaws';
import type { Props } from './entries';

type View = Schemas['FlightView'];
type Flown = Schemas['Entry.Flown'];

const PITCH = { level: 'level', stalls: 'stalls', dives: 'dives' } as const;
const DIVE = { straight: 'straight', pullsUp: 'pulls up', tucks: 'steepens', notTried: 'not tried' } as const;
const STALL = {
  straight: 'straight',
  dropsLeft: 'left drops',
  dropsRight: 'right drops',
  notTried: 'not tried',
} as const;
const TURN = { straight: 'straight', left: 'left', right: 'right' } as const;

const STILL: Flown = {
  pitch: 'level',
  dive: 'notTried',
  stall: 'notTried',
  turn: 'straight',
  trims: [],
  felt: [],
  note: '',
};

/** The shop's own flight or glide: what it did, the trims it landed with, and what follows in millimetres and turns. */
export function Flight({ job, recorder, flight }: Pick<Props, 'job' | 'recorder'> & { flight: View }) {
  const [seen, setSeen] = useState(STILL);
  const [trims, setTrims] = useState<Record<string, string>>({});
  const put = (change: Partial<Flown>) => setSeen((s) => ({ ...s, ...change }));
  const felt = (f: string) => seen.felt.find((x) => x.function === f)?.feel;
  const feel = (f: string, to: Flown['felt'][number]['feel'] | undefined) =>
    put({ felt: [...seen.felt.filter((x) => x.function !== f), ...(to ? [{ function: f, feel: to }] : [])] });
  const record = async () => {
    const read = flight.surfaces
      .map((s) => ({ surface: s.id, offset: trims[s.id]?.trim() ?? '' }))
      .filter((t) => t.offset);
    if (await recorder.record('check/flown', { ...seen, trims: read })) {
      setSeen(STILL);
      setTrims({});
    }
  };
  const { line } = flight;
  return (
    <section aria-label={line.text} className="py-3">
      <h2 className="text-[23px] leading-tight font-bold">{line.text}</h2>
      <div className="flex items-center gap-3 pt-1 text-[17px]">
        <Jaws line={line} />
        <strong>{verdictWords(line)}</strong>
        <span className="min-w-0 flex-1 text-[16px]">{line.reading || line.why}</span>
      </div>
      {flight.advice.length > 0 && (
        <ol aria-label="What follows" className="mt-2 border-2 border-ink">
          {flight.advice.map((a) => (
            <li key={a.words} className="border-b border-steel px-3 py-2 last:border-0">
              <strong className="block text-[18px] leading-tight">{a.words}</strong>
              <span className="text-[15px] text-pencil">{a.why} </span>
              {a.page !== 'check' && (
                <Link
                  className="inline-flex min-h-[44px] items-center text-[15px] underline"
                  to={`/jobs/${job.id}/${a.page}`}
                >
                  to {a.stage}
                </Link>
              )}
            </li>
          ))}
        </ol>
      )}
      {flight.before.length > 0 && (
        <p className="mt-2 border-2 border-red px-3 py-2 text-[16px]">
          <strong className="text-red">Not before:</strong> {flight.before.slice(0, 4).join('; ')}
          {flight.before.length > 4 && `; and ${flight.before.length - 4} more`}.
        </p>
      )}
      {!job.released && (
        <>
          <p className="pt-2 text-[15px] text-pencil">
            By somebody who flies well, where it is allowed; nobody ahead of it. Land, leave the trims in, read each
            surface.
          </p>
          <Row label="Stick free" of={PITCH} value={seen.pitch} onChoose={(pitch) => put({ pitch })} />
          {!flight.thrown && (
            <>
              <Row label="Dive, power off" of={DIVE} value={seen.dive} onChoose={(dive) => put({ dive })} />
              <Row label="Stall" of={STALL} value={seen.stall} onChoose={(stall) => put({ stall })} />
            </>
          )}
          <Row label="Turns" of={TURN} value={seen.turn} onChoose={(turn) => put({ turn })} />
          <div className="grid grid-cols-2 gap-x-3 gap-y-2 pt-2">
            {flight.surfaces.map((s) => (
              <label key={s.id} className="text-[14px] text-pencil">
                {s.name}, trimmed
                <input
                  className="field text-[20px] font-bold text-ink"
                  placeholder="0"
                  value={trims[s.id] ?? ''}
                  onChange={(e) => setTrims({ ...trims, [s.id]: e.target.value })}
                />
              </label>
            ))}
          </div>
          {flight.functions.map((f) => (
            <Row
              key={f}
              label={f}
              of={{ right: 'as it should', tooQuick: 'too quick', tooSlow: 'too slow' }}
              value={felt(f) ?? 'right'}
              onChoose={(to) => feel(f, to === 'right' ? undefined : to)}
            />
          ))}
          <button
            type="button"
            className="button dark mt-3 min-h-[60px] w-full text-[20px] font-bold"
            disabled={recorder.busy}
            onClick={() => void record()}
          >
            {flight.thrown ? 'Record the glide' : 'Record the flight'}
          </button>
        </>
      )}
    </section>
  );
}

function Row<T extends string>({
  label,
  of,
  value,
  onChoose,
}: {
  label: string;
  of: Record<T, string>;
  value: T;
  onChoose: (value: T) => void;
}) {
  return (
    <fieldset aria-label={label} className="flex items-center gap-1 pt-2">
      <legend className="float-left w-[92px] shrink-0 text-[15px] first-letter:uppercase">{label}</legend>
      {(Object.keys(of) as T[]).map((v) => (
        <button
          type="button"
          key={v}
          aria-pressed={v === value}
          onClick={() => onChoose(v)}
          className={`min-h-[44px] flex-1 border-2 border-ink px-1 text-[14px] leading-tight
            ${v === value ? 'bg-ink text-paper' : ''}`}
        >
          {of[v]}
        </button>
      ))}
    </fieldset>
  );
}
