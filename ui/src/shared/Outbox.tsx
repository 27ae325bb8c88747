import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useMatch } from 'react-router';
import { ENTRIES, WORDS } from '../api/contract';
import { currentLook } from '../api/look';
import { useMe } from '../api/me';
import { letGo, mend, onWaiting, type Waiting } from '../api/outbox';
import { refresh } from '../api/queries';
import { retyped, typedIn } from '../api/typed';
import { Over } from './Over';
import { toStage } from './stageKeys';
import { dayAndClock } from './time';

/** What lies on this device, oldest first. */
function useWaiting() {
  const [all, setAll] = useState<Waiting[]>([]);
  useEffect(() => onWaiting(setAll), []);
  return all;
}

// On a tablet held upright the mat ends above the act, which is never covered.
const ON_MAT = 'max-lg:top-[440px] max-lg:bottom-auto phone:top-auto phone:bottom-[56px]';

/** What the server has not taken yet: how much, why, and what was refused, over every screen until it is dealt with. */
export function Outbox() {
  const all = useWaiting();
  const [shown, setShown] = useState(false);
  const [open, setOpen] = useState(false);
  const some = all.length > 0;
  // What is sent within a moment is not worth a word.
  useEffect(() => {
    const timer = setTimeout(() => setShown(some), some ? 1500 : 0);
    return () => clearTimeout(timer);
  }, [some]);
  const inJob = useMatch('/jobs/:id/:stage');
  const refused = all.filter((w) => w.refused);
  if (!some || (!shown && refused.length === 0)) return null;
  const waiting = all.length - refused.length;
  const later = all.find((w) => w.later)?.later;
  return (
    <>
      <div
        role="status"
        className={`fixed bottom-[56px] z-40 flex items-center gap-4 border-2 px-4 py-1 max-lg:inset-x-3 max-lg:mx-auto
          max-lg:h-fit max-lg:w-fit lg:left-[200px] lg:max-w-[616px] ${inJob ? ON_MAT : ''}
          ${refused.length > 0 ? 'border-red bg-paper text-ink' : 'border-ink bg-tape text-on-tape'}`}
      >
        <span className="text-[16px] leading-snug">
          {refused[0] && (
            <>
              <strong className="text-red">Not taken:</strong> {title(refused[0])}, {refused[0].jobId}
              {refused.length > 1 && ` and ${refused.length - 1} more`}
              {waiting > 0 && '; '}
            </>
          )}
          {waiting > 0 && `${waiting} waiting to send: kept on this device`}
          {later && <span className="block text-[14px]">{later}</span>}
        </span>
        <button type="button" className="min-h-[44px] shrink-0 underline" onClick={() => setOpen(true)}>
          Look
        </button>
      </div>
      {open && <Kept all={all} onClose={() => setOpen(false)} />}
    </>
  );
}

const stageOf = (w: Waiting) => ENTRIES[w.entries[0]!.type].stage;

/** As the server says it; what it never answered by where it was recorded. */
function title(w: Waiting) {
  if (w.refused?.said) return w.refused.said;
  const stage = stageOf(w);
  return `recorded${stage ? ` on ${WORDS.stage[stage]}` : ''}, ${dayAndClock(w.at)}`;
}

function Kept({ all, onClose }: { all: readonly Waiting[]; onClose: () => void }) {
  const me = useMe();
  return (
    <Over title="Kept on this device" onClose={onClose} className="w-[min(94vw,640px)]">
      <p className="pb-2 text-[15px] text-pencil">
        In the order it was recorded. What was not taken holds back what follows in its job, and no other job.
      </p>
      <ul aria-label="Kept on this device" className="-mx-2 max-h-[60vh] overflow-y-auto border-t-2 border-ink px-2">
        {all.map((w) => (
          <li key={w.id} className="border-b border-steel py-2">
            {w.refused && w.person === me?.id ? (
              <Refused w={w} />
            ) : (
              <p className="text-[17px]">
                <strong>{w.jobId}</strong> {title(w)}
                <span className="block text-[15px] text-pencil">
                  {w.person === me?.id
                    ? (w.later ?? 'waiting')
                    : `waits for the PIN of ${w.personName || 'whoever recorded it'}`}
                </span>
              </p>
            )}
          </li>
        ))}
      </ul>
      <button type="button" className="button mt-3" onClick={onClose}>
        Close
      </button>
    </Over>
  );
}

/** What the server did not take, with why; its values can be typed anew. */
function Refused({ w }: { w: Waiting }) {
  const client = useQueryClient();
  const values = w.entries.flatMap((entry, of) => typedIn(entry).map((t) => ({ ...t, of })));
  const [meant, setMeant] = useState(values.map((v) => v.text));
  const [sure, setSure] = useState(false);
  const stage = stageOf(w);
  const again = async (done: Promise<unknown>) => {
    await done;
    await refresh(client);
  };
  return (
    <form
      aria-label={`Not taken: ${title(w)}`}
      onSubmit={(e) => {
        e.preventDefault();
        const entries = w.entries.map((entry, of) =>
          values.reduce((e, v, i) => (v.of === of ? retyped(e, v.place, meant[i]!) : e), entry),
        );
        void again(mend(w, entries, currentLook()));
      }}
    >
      <p className="text-[17px]">
        <strong>{w.jobId}</strong> {title(w)}
        <span className="block text-[14px] text-pencil">{dayAndClock(w.at)}</span>
      </p>
      <p role="alert" className="border-l-[6px] border-red px-3 py-1 text-[16px] text-red">
        {w.refused!.text}
      </p>
      {values.length > 0 && (
        <div className="flex flex-wrap gap-2 pt-1">
          {values.map((v, i) => (
            <label key={`${v.of}/${v.place.join('/')}`} className="min-w-[110px] flex-1 text-[14px] text-pencil">
              {values.length > 1 ? `value ${i + 1} meant` : 'what was meant'}
              <input
                className="field text-[18px]"
                value={meant[i]}
                onChange={(e) => setMeant(meant.map((m, k) => (k === i ? e.target.value : m)))}
              />
            </label>
          ))}
        </div>
      )}
      {sure && <p className="pt-2 text-[16px]">It is then recorded nowhere.</p>}
      <div className="flex flex-wrap gap-2 pt-2">
        <button type="submit" className="button dark min-w-[130px] flex-1">
          Send again
        </button>
        {sure ? (
          <>
            <button type="button" className="button" onClick={() => setSure(false)}>
              Keep it
            </button>
            <button type="button" className="button" onClick={() => void again(letGo(w))}>
              Let it go for good
            </button>
          </>
        ) : (
          <button type="button" className="button" onClick={() => setSure(true)}>
            Let it go
          </button>
        )}
        {stage && (
          <Link className="inline-flex min-h-[44px] items-center px-2 underline" to={toStage(w.jobId, stage)}>
            to {WORDS.stage[stage]}
          </Link>
        )}
      </div>
    </form>
  );
}
