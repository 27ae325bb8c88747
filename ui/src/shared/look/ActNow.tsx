import { useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { currentLook, onLook } from '../../api/look';
import { useMe } from '../../api/me';
import type { SharedRecorder } from '../stage';

const TRANSMITTER: Partial<Record<Schemas['LampIs'], string>> = {
  off: 'Transmitter is off',
  live: 'Throttle is live',
  fullStick: 'Full stick',
  cutSet: 'Throttle low, cut set',
};

/** Acts whose result is asked for on Bind. */
const ON_BIND: ReadonlySet<string> = new Set(['failsafe', 'motorDirection', 'cutProof']);

/** What is open with a power state of its own: what to do, said step by step, and what was seen; on every screen. */
export function ActNow({
  job,
  recorder,
  onBind,
}: {
  job: Schemas['JobView'];
  recorder: SharedRecorder;
  onBind: boolean;
}) {
  const [seen, setSeen] = useState('');
  const look = useSyncExternalStore(onLook, currentLook);
  const me = useMe();
  const open = job.lamps.open;
  if (!open || job.released) return null;
  if (open.look !== look)
    return (
      <p className="shrink-0 border-b-2 border-ink bg-tape-wash px-[18px] py-2 text-[16px]">
        {open.title}:{' '}
        {open.byId === me?.id
          ? 'begun in an earlier look, which is over. Begin it again.'
          : `open, ${open.by} is at it.`}
      </p>
    );
  const at = job.lamps.lamps.find((l) => l.lamp === 'transmitter')?.is;
  const pack = job.lamps.lamps.filter((l) => l.lamp === 'pack');
  const connected = pack.every((l) => l.is === 'connected');
  const say = (said: Schemas['LampSaid'][]) => void recorder.record('build/lamps', { said });
  const { act } = open;
  const due = open.moves.find((m) => !m.done);
  const heard = open.moves.at(-1)?.hear ?? '';
  const end = async (words: string) => {
    if (act && (await recorder.record('bind/act-ended', { act, seen: words }))) setSeen('');
  };
  return (
    <section
      aria-label={`Open: ${open.title}`}
      className="shrink-0 border-b-2 border-ink bg-tape-wash px-[18px] py-2 shadow-[inset_12px_0_0_var(--tape)]"
    >
      <div className="pl-2">
        <p className="flex items-baseline gap-2">
          <strong className="min-w-0 flex-1 text-[20px] leading-tight">{open.title}</strong>
          {act && (
            <button type="button" className="min-h-[44px] shrink-0 text-[15px] underline" onClick={() => void end('')}>
              give it up
            </button>
          )}
        </p>
        {open.heldBy && <p className="text-[15px]">Held by {open.heldBy}; disc and plane clear.</p>}
        <Moves of={open.moves} />
        <p className={`text-[17px] leading-snug ${open.moves.length > 0 ? 'hidden' : ''}`}>
          {!open.reached
            ? open.do
            : onBind && act && ON_BIND.has(act)
              ? `Answer below. Then: ${open.afterwards}`
              : open.afterwards}
        </p>
        <div className="flex flex-wrap gap-2 pt-2">
          {!connected && (!due || !due.stick) && (
            <button
              type="button"
              className={`button min-h-[52px] flex-1 ${due ? 'dark font-bold' : ''}`}
              disabled={recorder.busy}
              onClick={() => say(pack.map((l) => ({ lamp: 'pack', of: l.of, is: 'connected' })))}
            >
              {pack.length > 1 ? 'Packs are connected' : 'Pack is connected'}
            </button>
          )}
          {[...open.transmitter, 'cutSet' as const]
            .filter((t, i, all) => t !== at && all.indexOf(t) === i && TRANSMITTER[t])
            // Where it is led, only the next movement and the way out of it are at hand.
            .filter((t) => (due ? t === due.stick || (t === 'cutSet' && at !== 'off') : open.moves.length === 0))
            .map((t) => (
              <button
                type="button"
                key={t}
                className={`button min-h-[52px] flex-1 ${
                  (due ? t === due.stick : !open.reached && t !== 'cutSet') ? 'dark font-bold' : ''
                }`}
                disabled={recorder.busy}
                onClick={() => say([{ lamp: 'transmitter', of: '', is: t }])}
              >
                {TRANSMITTER[t]}
              </button>
            ))}
        </div>
        {act && open.reached && !due && heard && (
          <button
            type="button"
            className="button dark mt-2 min-h-[60px] w-full text-[18px] font-bold"
            disabled={recorder.busy}
            onClick={() => void end(`as expected: ${heard}`)}
          >
            Heard and seen so
          </button>
        )}
        {act && open.reached && !due && !ON_BIND.has(act) && (
          <div className="flex gap-2 pt-2">
            <input
              className="field min-w-0 flex-1 text-[17px]"
              aria-label="What was seen"
              placeholder={
                act === 'fullPowerRun' ? 'amperes, volts' : heard ? 'or otherwise: what was' : 'what was seen'
              }
              value={seen}
              onChange={(e) => setSeen(e.target.value)}
            />
            <button
              type="button"
              className={`button ${heard ? '' : 'dark'}`}
              disabled={!seen.trim()}
              onClick={() => void end(seen)}
            >
              Seen
            </button>
          </div>
        )}
        {act && ON_BIND.has(act) && !onBind && (
          <Link className="inline-flex min-h-[44px] items-center text-[16px] underline" to={`/jobs/${job.id}/bind`}>
            what was seen is answered on Bind
          </Link>
        )}
      </div>
    </section>
  );
}

/** What is led movement by movement: what was done in small, what is due large, with what must answer it. */
function Moves({ of }: { of: readonly Schemas['ActMoveView'][] }) {
  const due = of.findIndex((m) => !m.done);
  if (of.length === 0) return null;
  return (
    <ol aria-label="Movements" className="flex flex-col gap-1 py-1">
      {of.map((m, i) => {
        const now = i === due;
        return (
          <li
            key={m.do}
            aria-current={now ? 'step' : undefined}
            className={`flex gap-3 ${now ? 'border-y-2 border-ink py-2' : m.done ? 'text-pencil' : ''}`}
          >
            <span className={`w-[24px] shrink-0 text-right font-bold ${now ? 'text-[24px]' : 'text-[16px]'}`}>
              {i + 1}
            </span>
            <span className="min-w-0 flex-1">
              <span className={`block leading-tight ${now ? 'text-[24px] font-bold' : 'text-[16px]'}`}>
                {m.do}
                {m.done ? ' Done.' : ''}
              </span>
              {m.hear && (now || i === due - 1 || (due < 0 && i === of.length - 1)) && (
                <span className="block pt-[2px] text-[17px]">
                  {now ? 'Then: ' : 'Now: '}
                  {m.hear}
                </span>
              )}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
