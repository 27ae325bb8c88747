import { type ReactNode, useState } from 'react';
import { Act } from '../../shared/Act';
import { AskInHand, AskList } from '../../shared/Asked';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
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
          <AskInHand
            ask={ask}
            mend={ask.line.why}
            closed={job.released}
            busy={recorder.busy}
            onNo={(note) => say(false, note)}
          >
            {ask.motor && !job.released && (
              <Trial key={ask.motor} motor={ask.motor} method={data.balancing} recorder={recorder} />
            )}
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
          </AskInHand>
        )}
        <AskList title={TITLES[of]} asks={asks} chosen={ask?.id} onChoose={pick} />
        {of === 'airframe' && <Elsewhere jobId={job.id} lines={data.elsewhere} />}
      </Paper>
    </>
  );
}
