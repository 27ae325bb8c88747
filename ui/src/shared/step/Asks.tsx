import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useServerNow } from '../../api/queries';
import type { SharedRecorder } from '../stage';
import { Alike } from './Alike';
import { Measure } from './Measure';
import { Ring } from './Ring';

type Step = Schemas['StepView'];
type Ask = Schemas['AskView'];

/** What a step asks at one time, open ones first; what is answered folds to a line. */
export function Asks({
  job,
  step,
  when,
  title,
  recorder,
  now,
}: {
  job: string;
  step: Step;
  when: readonly Ask['when'][];
  title: string;
  recorder: SharedRecorder;
  /** The server's, as the job was read. */
  now: string;
}) {
  const asks = step.asks.filter((a) => when.includes(a.when));
  const settled = asks.filter((a) => a.settled);
  if (asks.length === 0) return null;
  return (
    <section aria-label={title} className="mt-3 border-t-2 border-ink pt-1">
      <h3 className="flex items-baseline justify-between text-[15px] text-pencil">
        {title}
        {settled.length > 0 && (
          <span>
            {settled.length} of {asks.length} answered
          </span>
        )}
      </h3>
      <ul>
        {together(asks).map((alike) => (
          <li key={alike[0]!.id} className="border-b border-steel py-2">
            {alike.length > 1 ? (
              <Alike
                job={job}
                asks={alike.flatMap((a) => (a.measure ? [{ ...a, measure: a.measure }] : []))}
                recorder={recorder}
              />
            ) : (
              <Question job={job} step={step} ask={alike[0]!} recorder={recorder} now={now} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is read alike, one after the other, stands together. */
function together(asks: readonly Ask[]) {
  const groups: Ask[][] = [];
  for (const ask of asks) {
    const last = groups.at(-1);
    const among = ask.measure?.among;
    if (last && among && last[0]?.measure?.among === among && last[0].when === ask.when) last.push(ask);
    else groups.push([ask]);
  }
  return groups;
}

function Question(props: { job: string; step: Step; ask: Ask; recorder: SharedRecorder; now: string }) {
  const { job, step, ask, recorder, now } = props;
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState('');
  const answer = async (right: boolean, said = '') => {
    const body = { step: step.id, ask: ask.id, right, ...(said.trim() && { note: said }) };
    const stuck = !right && ask.moves && ask.when === 'cured' ? step.place : null;
    const done = stuck
      ? await recorder.record('build/answered', body, () => ({
          type: 'unpack/finding',
          body: {
            place: stuck.place,
            placeKind: stuck.placeKind,
            kind: stuck.kind,
            size: '1 mm',
            x: stuck.x,
            y: stuck.y,
            note: ask.words,
            view: 'plan',
          },
        }))
      : await recorder.record('build/answered', body);
    if (done) setOpen(false);
  };
  if (ask.settled && !open) {
    return (
      <div className="flex min-h-[44px] items-center gap-3 text-[16px]">
        <span className="min-w-0 flex-1">
          {ask.words}
          {ask.note && <span className="block text-pencil">{ask.note}</span>}
          {ask.measure?.said && <span className="block text-pencil">{ask.measure.said}</span>}
          {ask.waitUntil && <Wait until={ask.waitUntil} now={now} />}
        </span>
        <button
          type="button"
          aria-label={`${ask.words} Answer again`}
          className="min-h-[44px] min-w-[64px] font-bold underline"
          onClick={() => setOpen(true)}
        >
          {ANSWERED[ask.how] ?? (ask.right ? 'said' : 'differs')}
        </button>
      </div>
    );
  }
  return (
    <div role="group" aria-label={ask.words}>
      <p className="text-[19px] leading-snug">{ask.words}</p>
      {ask.why && <p className="text-[15px] leading-snug text-pencil">{ask.why}</p>}
      {ask.right === false && (
        <p className="text-[16px] font-bold text-red">{ask.measure?.said || 'Answered: not so.'}</p>
      )}
      {ask.ring.length > 0 && <Ring order={ask.ring} />}
      {ask.measure && <Measure job={job} step={step.id} measure={ask.measure} recorder={recorder} />}
      {(ask.how === 'note' || ask.how === 'same') && (
        <input
          className="field mt-1 text-[17px]"
          aria-label={ask.how === 'note' ? 'How this side was done' : 'What differs'}
          placeholder={ask.how === 'note' ? 'second hole, 3 turns, 96 mm, snug' : 'only where it differs'}
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
      )}
      <div className={ask.measure ? 'hidden' : 'mt-1 flex gap-2'}>
        {ask.how === 'note' ? (
          <button
            type="button"
            className="button dark flex-1"
            disabled={!note.trim() || recorder.busy}
            onClick={() => void answer(true, note)}
          >
            Done so
          </button>
        ) : (
          <>
            <button
              type="button"
              className="button dark flex-1 font-bold"
              disabled={recorder.busy}
              onClick={() => void answer(true)}
            >
              {ask.how === 'same' ? 'The same' : 'Yes'}
            </button>
            <button
              type="button"
              className="button flex-1"
              disabled={recorder.busy || (ask.how === 'same' && !note.trim())}
              onClick={() => void answer(false, note)}
            >
              {ask.how === 'same' ? 'It differs so' : ask.moves ? 'No, it is stuck' : 'Not so'}
            </button>
          </>
        )}
      </div>
    </div>
  );
}

const ANSWERED: Partial<Record<Ask['how'], string>> = { tick: 'yes', read: 'again', mark: 'again' };

/** What is waited for after one tap of a procedure, in figures read across the bench. */
function Wait({ until, now }: { until: string; now: string }) {
  const at = useServerNow(now);
  const left = (new Date(until).getTime() - at) / 1000;
  if (left <= 0) return <span className="block text-pencil">waited</span>;
  return <span className="block text-[44px] leading-none font-bold tabular-nums">wait {Math.ceil(left)} s</span>;
}
