import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import type { Recorder } from './entries';
import { daysLeft, day, dayAndClock } from '../../shared/time';

export type ClaimDraft = { left: ReadonlySet<string>; wish: string };

/** What goes into the next claim: everything that stands and was not claimed, less what somebody took out. */
export const claimed = (claims: Schemas['ClaimsView'], draft: ClaimDraft) =>
  claims.claimable.filter((c) => c.stands && !c.sent && !c.written && !draft.left.has(c.id));

/** The claim to the supplier: what stands, what was sent, what they answered, when parts come. */
export function Claims({
  job,
  recorder,
  claims,
  draft,
  onDraft,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  claims: Schemas['ClaimsView'];
  draft: ClaimDraft;
  onDraft: (d: ClaimDraft) => void;
}) {
  const waiting = claims.claimable.filter((c) => !c.sent && !c.written);
  const toggle = (id: string) => {
    const left = new Set(draft.left);
    if (!left.delete(id)) left.add(id);
    onDraft({ ...draft, left });
  };
  return (
    <section aria-label="Claim">
      {claims.supplier ? (
        <p className="text-[17px]">
          To <strong>{claims.supplier}</strong>, {claims.contact}.{' '}
          {claims.until && (
            <span className={claims.daysLeft != null && claims.daysLeft < 3 ? 'font-bold text-red' : ''}>
              Until {day(claims.until)}
              {claims.daysLeft != null && `, ${daysLeft(claims.daysLeft)}`}.
            </span>
          )}
        </p>
      ) : (
        <p className="text-[17px] text-red">
          Nobody said who the kit came from.{' '}
          <Link className="text-ink underline" to={`/jobs/${job.id}/receive?room=brought`}>
            Say it where it was received
          </Link>
        </p>
      )}
      {claims.sent
        .filter((c) => !c.isSent)
        .map((c) => (
          <Sent key={c.id} job={job} recorder={recorder} claim={c} />
        ))}
      {waiting.length === 0 && claims.sent.length === 0 && (
        <p className="pt-2 text-[16px] text-pencil">Nothing found so far can be claimed.</p>
      )}
      {waiting.length > 0 && (
        <ul className="pt-2">
          {waiting.map((c) => (
            <li key={c.id} className="border-b border-steel">
              <label
                className={`flex min-h-[48px] items-center gap-3 py-1 text-[16px] ${c.stands ? '' : 'text-pencil'}`}
              >
                <input
                  type="checkbox"
                  className="h-[24px] w-[24px] shrink-0 accent-(--ink)"
                  checked={c.stands && !draft.left.has(c.id)}
                  disabled={!c.stands || job.released}
                  onChange={() => toggle(c.id)}
                />
                <span>
                  {c.text}
                  <span className="block text-[14px] text-pencil">{c.why}</span>
                </span>
              </label>
            </li>
          ))}
        </ul>
      )}
      {claimed(claims, draft).length > 0 && !job.released && (
        <label className="block pt-2 text-[14px] text-pencil">
          what is asked for
          <input
            className="field text-[17px] text-ink"
            placeholder="Replacement of the parts named above."
            value={draft.wish}
            onChange={(e) => onDraft({ ...draft, wish: e.target.value })}
          />
        </label>
      )}
      {claims.sent
        .filter((c) => c.isSent)
        .map((c) => (
          <Sent key={c.id} job={job} recorder={recorder} claim={c} />
        ))}
    </section>
  );
}

function Sent({
  job,
  recorder,
  claim: c,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  claim: Schemas['ClaimView'];
}) {
  const [words, setWords] = useState('');
  const [due, setDue] = useState('');
  return (
    <article aria-label={`Claim ${c.number}`} className="mt-3 border-2 border-ink p-3">
      <h3 className="text-[19px] leading-tight font-bold">
        Claim {c.number} to {c.to}
      </h3>
      <p className="text-[15px] text-pencil">
        {c.mailFile ? 'sent' : 'written'} {dayAndClock(c.at)} by {c.by}: {c.what.join('; ')}
      </p>
      {!c.isSent && (
        <p className="pt-1 text-[17px] text-red">
          {c.to} has no address for mail: print the letter and post it. Until then the claim is not sent, and its days
          run.
        </p>
      )}
      <p className="flex gap-5 text-[16px]">
        <a
          className="inline-flex min-h-[44px] items-center underline"
          href={`/api/jobs/${job.id}/claims/${c.number}.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          the letter
        </a>
        {c.mailFile && (
          <a
            className="inline-flex min-h-[44px] items-center underline"
            href={`/api/jobs/${job.id}/claims/${c.number}.eml`}
            download
          >
            the mail, {c.mailFile}
          </a>
        )}
      </p>
      {c.answer && (
        <p className="text-[17px]">
          <strong>{c.answerWords}</strong>
          {c.answerText && `: ${c.answerText}`}
          {c.partsDue && (
            <span className={c.partsLate ? 'font-bold text-red' : ''}>
              {' '}
              Parts due {day(c.partsDue)}
              {c.partsLate && ', late'}.
            </span>
          )}
        </p>
      )}
      {!c.isSent && (
        <button
          type="button"
          className="button dark mt-1 w-full font-bold"
          onClick={() => void recorder.record('unpack/claim-posted', { claim: c.id })}
        >
          The letter is posted
        </button>
      )}
      {!c.isSent ? null : c.arrived ? (
        <p className="text-[17px] font-bold">The parts are here.</p>
      ) : (
        <div className="flex flex-col gap-2 pt-1">
          <div className="grid grid-cols-[1fr_150px] gap-2">
            <input
              aria-label={`What they wrote about claim ${c.number}`}
              className="field"
              placeholder="what they wrote"
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
            <input
              aria-label={`Parts of claim ${c.number} due`}
              type="date"
              className="field"
              value={due}
              onChange={(e) => setDue(e.target.value)}
            />
          </div>
          <div role="group" aria-label={`Answer to claim ${c.number}`} className="grid grid-cols-4 gap-2">
            {each(WORDS.claimAnswerKind).map(([answer, title]) => (
              <button
                type="button"
                key={answer}
                className="button px-1 text-[15px]"
                onClick={() =>
                  void recorder
                    .record('unpack/claim-answered', { claim: c.id, answer, words, partsDue: due || null })
                    .then((ok) => ok && setWords(''))
                }
              >
                {title}
              </button>
            ))}
          </div>
          <button
            type="button"
            className="button"
            onClick={() => void recorder.record('unpack/parts-arrived', { claim: c.id, note: '' })}
          >
            The parts arrived: count again
          </button>
        </div>
      )}
    </article>
  );
}
