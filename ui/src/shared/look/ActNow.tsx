import { useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { currentLook, onLook } from '../../api/look';
import { useMe } from '../../api/me';
import { Choice } from '../Choice';
import type { SharedRecorder } from '../stage';
import { isKnown } from './said';

const TRANSMITTER: Partial<Record<Schemas['LampIs'], string>> = {
  off: 'Transmitter is off',
  live: 'Throttle is live',
  fullStick: 'Full stick',
  cutSet: 'Throttle low, cut set',
};

export type AnsweredAt = 'bind' | 'check';

/** Acts whose result is asked for on the screen of a stage. */
const ANSWERED: Partial<Record<NonNullable<Schemas['PoweredAct']>, { at: AnsweredAt; title: string }>> = {
  failsafe: { at: 'bind', title: 'Bind' },
  motorDirection: { at: 'bind', title: 'Bind' },
  cutProof: { at: 'bind', title: 'Bind' },
  fullPowerRun: { at: 'check', title: 'Check' },
  rangeWithMotor: { at: 'check', title: 'Check' },
  taxi: { at: 'check', title: 'Check' },
};

/** What is open with a power state of its own: what to do, said step by step, and what was seen; on every screen. */
export function ActNow({
  job,
  recorder,
  at: here,
}: {
  job: Schemas['JobView'];
  recorder: SharedRecorder;
  at: AnsweredAt | undefined;
}) {
  const [seen, setSeen] = useState('');
  const [read, setRead] = useState<Schemas['LampIs']>();
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
  // At each power-up the memory is read off the transmitter, here as in any look.
  const memory = job.lamps.lamps.find((l) => l.lamp === 'memory' && !isKnown(l, look, me?.id));
  const say = (said: Schemas['LampSaid'][]) => void recorder.record('build/lamps', { said });
  const { act } = open;
  const answered = act ? ANSWERED[act] : undefined;
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
            : answered && answered.at === here
              ? `Answer below. Then: ${open.afterwards}`
              : open.afterwards}
        </p>
        {memory && !connected && (!due || !due.stick) && (
          <Choice
            titled
            label={memory.title}
            value={read}
            of={memory.choices.map((c) => ({ value: c.is, words: c.words }))}
            onChoose={setRead}
            className="flex gap-1"
            button="button min-h-[48px] min-w-0 flex-1 px-1 text-[16px]"
          />
        )}
        <div className="flex flex-wrap gap-2 pt-2">
          {!connected && (!due || !due.stick) && (
            <button
              type="button"
              className={`button min-h-[52px] flex-1 ${due ? 'dark font-bold' : ''}`}
              disabled={recorder.busy || (!!memory && !read)}
              onClick={() =>
                say([
                  ...pack.map((l) => ({ lamp: 'pack' as const, of: l.of, is: 'connected' as const })),
                  ...(memory && read ? [{ lamp: 'memory' as const, of: '', is: read }] : []),
                ])
              }
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
        {act && open.reached && !due && !answered && (
          <div className="flex gap-2 pt-2">
            <input
              className="field min-w-0 flex-1 text-[17px]"
              aria-label="What was seen"
              placeholder={heard ? 'or otherwise: what was' : 'what was seen'}
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
        {answered && answered.at !== here && (
          <Link
            className="inline-flex min-h-[44px] items-center text-[16px] underline"
            to={`/jobs/${job.id}/${answered.at}`}
          >
            what was seen is answered on {answered.title}
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
