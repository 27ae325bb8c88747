import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { dayAndClock } from './time';

type Props = {
  of: Schemas['ErratumView'];
  /** Says its step, where it is not shown at it. */
  at?: boolean;
  children?: ReactNode;
};

/** One erratum: where, what the manual says, what is so, how that is known, by whom, with its picture. */
export function Erratum({ of: e, at, children }: Props) {
  return (
    <article
      aria-label={`Erratum: ${e.isSo}`}
      className="mt-2 flex gap-3 border-l-[6px] border-red px-3 py-1 text-[16px]"
    >
      <div className="min-w-0 flex-1">
        {at && <p className="text-[15px] text-pencil">{e.title}</p>}
        <p>
          <strong className="text-red">{e.says ? 'The manual is wrong here.' : 'The manual is silent here.'}</strong>{' '}
          {e.says && (
            <>
              {e.page && `Page ${e.page}: `}“<bdi>{e.says}</bdi>”.{' '}
            </>
          )}
        </p>
        <p className="text-[18px] font-bold">
          <bdi>{e.isSo}</bdi>
        </p>
        <p className="text-[15px] text-pencil">
          <bdi>{e.reason}</bdi>
          <span className="block">
            {e.by}, {dayAndClock(e.at)}, {e.job}
            {e.finding && `, ${e.finding}`}
          </span>
        </p>
        {children}
      </div>
      {e.photo && (
        <a href={`/api/photos/${e.photo}`} target="_blank" rel="noreferrer" aria-label={`Picture: ${e.isSo}`}>
          <img
            src={`/api/photos/${e.photo}/small`}
            alt=""
            className="h-[60px] w-[80px] border-2 border-ink object-cover"
          />
        </a>
      )}
    </article>
  );
}
