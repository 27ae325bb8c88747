import type { Schemas } from '../../api/client';
import { useServerNow } from '../../api/queries';
import { clock } from '../time';

type Glue = Schemas['GlueView'];

const figure = (seconds: number) => {
  const s = Math.max(0, Math.ceil(seconds));
  return s >= 3600
    ? `${Math.floor(s / 3600)}:${String(Math.floor((s % 3600) / 60)).padStart(2, '0')} h`
    : `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
};

/**
 * A joint whose glue is open: its stages, and the one time that counts now in figures read across the bench. The working
 * time runs on whatever else is opened.
 */
export function GlueTimer({ title, glue, now }: { title: string; glue: Glue; now: string }) {
  const at = useServerNow(now);
  const left = (instant: string) => (new Date(instant).getTime() - at) / 1000;
  const next = glue.acts.find((a) => a.at === null);
  const waits = next?.due && left(next.due) > 0 ? next : undefined;
  const working = left(glue.workableUntil);
  const closed = !next || next.act === 'letGo';
  const since = new Date([...glue.acts].reverse().find((a) => a.at)?.at ?? glue.openedAt).getTime();
  const shown = waits ? left(waits.due!) : closed ? 0 : working;
  return (
    <section aria-label="Glue">
      <h2 className="pb-1 text-[24px] leading-tight font-bold">{title}</h2>
      <ol className="flex items-stretch text-center text-[15px] leading-tight">
        <Stage words={glue.opened} sub={clock(glue.openedAt)} done />
        {glue.acts.map((a) => (
          <Stage
            key={a.act}
            words={a === waits ? a.meanwhile : a.words}
            sub={a.at ? clock(a.at) : a === waits ? figure(a.seconds) : a === next ? 'now' : a.meanwhile}
            done={a.at !== null}
            now={a === next}
          />
        ))}
      </ol>
      <div className="flex items-end justify-between gap-3 pt-1">
        <p
          role="timer"
          aria-label={waits ? `${waits.meanwhile} still` : closed ? 'let go' : 'working time left'}
          className={`text-[104px] leading-none font-bold tabular-nums ${closed && !waits ? 'pb-5' : ''} ${
            !waits && !closed && working <= 0 ? 'text-red' : ''
          }`}
        >
          {waits || !closed ? figure(shown) : 'let go'}
        </p>
        {waits && !closed && (
          <p className="pb-2 text-right text-[16px] text-pencil">
            working time left
            <span className="block text-[26px] font-bold text-ink tabular-nums">{figure(working)}</span>
          </p>
        )}
      </div>
      <p className="text-[22px] font-bold">
        {waits
          ? `${waits.meanwhile}, then: ${waits.words.toLowerCase()}`
          : closed
            ? 'the faces hold'
            : working > 0
              ? 'working time left'
              : 'its working time is over: wipe it off'}
      </p>
      {waits && (
        <div aria-hidden className="mt-1 h-[20px] border-2 border-ink">
          <div
            className="h-full bg-ink"
            style={{ width: `${Math.min(100, ((at - since) / Math.max(1, waits.seconds * 1000)) * 100)}%` }}
          />
        </div>
      )}
      <p className="pt-1 text-[15px] text-pencil">
        {glue.adhesive} · bench {glue.celsius} °C · workable until {clock(glue.workableUntil)}
      </p>
    </section>
  );
}

function Stage({ words, sub, done, now }: { words: string; sub: string; done?: boolean; now?: boolean }) {
  return (
    <li
      className={`min-w-0 flex-1 border-2 px-1 py-1 ${
        now
          ? 'border-tape-edge bg-tape text-on-tape font-bold'
          : done
            ? 'border-ink'
            : 'border-dashed border-steel-edge text-pencil'
      }`}
    >
      {words}
      <span className="block text-[13px]">{sub}</span>
    </li>
  );
}
