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
        <p className="text-[17px] leading-snug">
          {!open.reached
            ? open.do
            : onBind && act && ON_BIND.has(act)
              ? `Answer below. Then: ${open.afterwards}`
              : open.afterwards}
        </p>
        <div className="flex flex-wrap gap-2 pt-2">
          {!connected && (
            <button
              type="button"
              className="button min-h-[52px] flex-1"
              disabled={recorder.busy}
              onClick={() => say(pack.map((l) => ({ lamp: 'pack', of: l.of, is: 'connected' })))}
            >
              {pack.length > 1 ? 'Packs are connected' : 'Pack is connected'}
            </button>
          )}
          {[...open.transmitter, 'cutSet' as const]
            .filter((t, i, all) => t !== at && all.indexOf(t) === i && TRANSMITTER[t])
            .map((t) => (
              <button
                type="button"
                key={t}
                className={`button min-h-[52px] flex-1 ${!open.reached && t !== 'cutSet' ? 'dark font-bold' : ''}`}
                disabled={recorder.busy}
                onClick={() => say([{ lamp: 'transmitter', of: '', is: t }])}
              >
                {TRANSMITTER[t]}
              </button>
            ))}
        </div>
        {act && open.reached && !ON_BIND.has(act) && (
          <div className="flex gap-2 pt-2">
            <input
              className="field min-w-0 flex-1 text-[17px]"
              aria-label="What was seen"
              placeholder={act === 'fullPowerRun' ? 'amperes, volts' : 'tones, sign, what was seen'}
              value={seen}
              onChange={(e) => setSeen(e.target.value)}
            />
            <button type="button" className="button dark" disabled={!seen.trim()} onClick={() => void end(seen)}>
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
