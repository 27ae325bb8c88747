import { type ReactNode, useState } from 'react';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Mat, Paper } from '../../shared/Paper';
import { WithReason } from '../../shared/WithReason';
import { Elsewhere } from './Elsewhere';
import type { Props, View } from './entries';
import { Trial } from './Trial';

const TITLES = { airframe: 'Pulled, turned, looked at', propeller: 'Propeller' };

/** Place by place: what is open is hatched on the drawing, the one in hand taped; yes by the main act. */
export function Places({
  job,
  recorder,
  data,
  of,
  strip,
  next,
}: Props & { data: View; of: 'airframe' | 'propeller'; strip: ReactNode; next: ReactNode }) {
  const [chosen, setChosen] = useState<string>();
  // What was answered last stays in hand while it is open: its advice is read.
  const [answered, setAnswered] = useState<string>();
  const [read, setRead] = useState<readonly string[]>([]);
  const asks = data.asks.filter((a) => a.room === of);
  const open = asks.filter((a) => a.line.open);
  const ask = asks.find((a) => a.id === chosen) ?? open.find((a) => a.id === answered) ?? open[0];
  const complete = !!ask && ask.measures.length > 0 && ask.measures.every((_, i) => read[i]?.trim());
  const pick = (id: string | undefined) => {
    setChosen(id);
    setRead([]);
  };
  const say = async (right: boolean, note = '') => {
    if (!ask) return false;
    const measured = complete ? { measured: [...read] } : {};
    const ok = await recorder.record('check/answered', { ask: ask.id, right, note, ...measured });
    if (ok) {
      pick(undefined);
      setAnswered(ask.id);
    }
    return ok;
  };
  const measured = (ask?.measures.length ?? 0) > 0;
  const act = ask ? (
    <Act
      label={measured ? 'Measured' : 'Yes, it is so'}
      hint={measured && !complete ? 'measure it first, above' : undefined}
      onAct={() => void say(true)}
      disabled={recorder.busy || job.released || (measured && !complete)}
    />
  ) : (
    next
  );
  const hatched = new Map(open.flatMap((a) => a.parts).map((p) => [p, job.drawing.parts.find((d) => d.id === p)]));
  return (
    <>
      <Mat title="Check" aside={open.length > 0 ? `${open.length} still open, hatched` : 'all looked at'}>
        <Drawing
          drawing={job.drawing}
          mode="plain"
          highlight={new Set(ask?.parts)}
          onTap={(part) => {
            const at =
              asks.find((a) => a.parts.includes(part) && a.line.open) ?? asks.find((a) => a.parts.includes(part));
            if (at) pick(at.id);
          }}
          over={(px) => [
            ...(ask?.parts ?? []).map((id) => {
              const part = job.drawing.parts.find((d) => d.id === id);
              return (
                part && (
                  <path
                    key={id}
                    d={part.path}
                    fill="var(--tape)"
                    stroke="var(--ink)"
                    strokeWidth={2.5 * px}
                    pointerEvents="none"
                  />
                )
              );
            }),
            ...[...hatched].map(
              ([id, part]) =>
                part &&
                !ask?.parts.includes(id) && (
                  <path
                    key={id}
                    d={part.path}
                    fill="url(#hatch)"
                    stroke="var(--red-mat)"
                    strokeWidth={1.5 * px}
                    pointerEvents="none"
                  />
                ),
            ),
          ]}
        />
      </Mat>
      <Paper job={job} recorder={recorder} at="check" act={act}>
        {strip}
        {ask && (
          <section aria-label="Look">
            <h2 className="text-[25px] leading-tight font-bold">{ask.words}</h2>
            <p className="pt-1 text-[17px] text-pencil">{ask.why}</p>
            {ask.line.standing === 'notMet' && (
              <p className="mt-2 border-2 border-red px-3 py-2 text-[17px]">
                <strong className="text-red">{ask.line.reading}</strong> {ask.line.why}
              </p>
            )}
            {ask.motor && !job.released && (
              <Trial key={ask.motor} motor={ask.motor} method={data.balancing} recorder={recorder} />
            )}
            {ask.line.standing === 'stale' && <p className="pt-1 text-[17px] text-red">{ask.line.why}</p>}
            {!job.released && measured && (
              <div className="flex items-end gap-3 pt-2">
                {ask.measures.map((words, i) => (
                  <label key={words} className="block min-w-0 flex-1 text-[14px] text-pencil">
                    {words}, mm
                    {typeof ask.reckoned === 'number' ? `; by the sheet’s drawing about ${ask.reckoned}` : ''}
                    <input
                      className="field text-[44px] leading-none font-bold text-ink"
                      inputMode="decimal"
                      value={read[i] ?? ''}
                      onChange={(e) =>
                        setRead(ask.measures.map((_, n) => (n === i ? e.target.value : (read[n] ?? ''))))
                      }
                    />
                  </label>
                ))}
              </div>
            )}
            {!job.released && (
              <WithReason
                key={ask.id}
                link="no, it is not so"
                label="What is not so"
                placeholder="what is not so"
                act="No"
                busy={recorder.busy}
                onSay={(note) => say(false, note)}
              />
            )}
          </section>
        )}
        <section aria-label={TITLES[of]} data-region="list" className="py-3">
          <h3 className="border-b border-steel text-[18px] font-bold">{TITLES[of]}</h3>
          {[...open, ...asks.filter((a) => !a.line.open)].map((a) => (
            <button
              type="button"
              key={a.id}
              onClick={() => pick(a.id)}
              aria-pressed={a.id === ask?.id}
              className={`flex min-h-[52px] w-full items-center gap-3 border-b border-steel px-2 py-1 text-left text-[16px]
                ${a.id === ask?.id ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
            >
              <span className="min-w-0 flex-1 leading-tight">{a.words}</span>
              <Jaws line={a.line} />
              <span className="w-[64px] text-[15px]">{verdictWords(a.line)}</span>
            </button>
          ))}
        </section>
        {of === 'airframe' && <Elsewhere jobId={job.id} lines={data.elsewhere} />}
      </Paper>
    </>
  );
}
