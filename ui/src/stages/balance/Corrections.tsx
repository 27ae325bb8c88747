import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Props } from './entries';

/** The advice on tape, and saying that it was done: the pack moved, ballast in or out. */
export function Advice({ job, recorder, current }: Props & { current: Schemas['ConfigurationView'] }) {
  const advice = current.advice;
  if (!advice) return null;
  return (
    <div className="mt-2 border border-tape-edge bg-tape-wash px-3 py-2">
      <p className="text-[19px] font-bold">{advice.words}</p>
      {advice.possible && advice.landsAt !== null && (advice.packFront !== null || advice.pieces !== 0) && (
        <>
          <p className="text-[16px]">Then expect {advice.landsAt.toFixed(1)} mm; weigh again.</p>
          {!job.released && (
            <div className="flex flex-wrap gap-2 pt-2">
              {advice.packFront !== null && (
                <button
                  type="button"
                  className="button dark"
                  onClick={() =>
                    void recorder.record('balance/pack-moved', {
                      packFront: `${advice.packFront} mm`,
                      configuration: current.ownPlace ? current.name : '',
                    })
                  }
                >
                  the pack is moved
                </button>
              )}
              {advice.pieces !== 0 && (
                <button
                  type="button"
                  className="button dark"
                  onClick={() =>
                    void recorder.record('balance/ballast', { station: advice.station, pieces: advice.pieces })
                  }
                >
                  {advice.pieces > 0 ? 'ballast is in' : 'ballast is out'}
                </button>
              )}
            </div>
          )}
        </>
      )}
    </div>
  );
}

/** Moved on the technician's own account: the pack, or ballast. */
export function MovedElse({
  job,
  recorder,
  data,
  configuration,
}: Props & { data: Schemas['BalanceView']; configuration: string }) {
  const [front, setFront] = useState('');
  return (
    <details className="pt-1 text-[16px]">
      <summary className="flex min-h-[44px] cursor-pointer items-center underline">Something else was moved</summary>
      <div className="flex items-end gap-2 pb-2">
        <label className="flex-1 text-[14px] text-pencil">
          front of the pack now, mm
          <input
            className="field"
            value={front}
            onChange={(e) => setFront(e.target.value)}
            placeholder={data.pack.firstFront === null ? '' : `${data.pack.firstFront} to ${data.pack.lastFront}`}
          />
        </label>
        <button
          type="button"
          className="button"
          disabled={job.released || !front.trim()}
          onClick={() =>
            void recorder
              .record('balance/pack-moved', { packFront: front, configuration })
              .then((ok) => ok && setFront(''))
          }
        >
          the pack is moved
        </button>
      </div>
      {data.ballast.map((b) => (
        <div key={b.name} className="flex min-h-[48px] items-center gap-2">
          <span className="flex-1">
            {b.name}: {b.pieces} × {b.piece} g
          </span>
          <button
            type="button"
            className="button w-[52px]"
            aria-label={`One piece out of the ${b.name}`}
            disabled={job.released || b.pieces === 0}
            onClick={() => void recorder.record('balance/ballast', { station: b.name, pieces: -1 })}
          >
            −
          </button>
          <button
            type="button"
            className="button w-[52px]"
            aria-label={`One piece into the ${b.name}`}
            disabled={job.released}
            onClick={() => void recorder.record('balance/ballast', { station: b.name, pieces: 1 })}
          >
            +
          </button>
        </div>
      ))}
    </details>
  );
}
