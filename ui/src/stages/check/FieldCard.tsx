import { useEffect, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Link, Navigate, useLocation, useNavigate, useParams } from 'react-router';
import { refusalOf, type Schemas } from '../../api/client';
import { currentLook } from '../../api/look';
import { signOut } from '../../api/me';
import type { Bodies } from '../../api/contract';
import { post } from '../../api/outbox';
import type { Said } from '../../api/trip';
import { clock, duration } from '../../shared/time';
import { toStage } from '../../shared/stageKeys';
import { FieldItem } from './FieldItem';
import { answeredHere, type Here, isDone } from './fieldHere';
import { Cells, Mark } from './FieldMarks';
import { useTrip } from './useTrip';

type Item = Schemas['TripItemView'];
/**
 * The trip outdoors on a phone, black on white: one thing at a time, two huge answers, usable without a network after a
 * reload. Answers are kept and sent in order when the server is back.
 */
export function FieldCard() {
  const { id = '' } = useParams();
  const { kept, reach, mine, say, me } = useTrip(id);
  const { pathname } = useLocation();
  const [at, setAt] = useState<string>();
  const [away, setAway] = useState(false);
  const [notice, setNotice] = useState('');
  useMinutes();
  const client = useQueryClient();
  const navigate = useNavigate();
  const leave = async () => {
    await signOut(client);
    void navigate('/sign-in');
  };

  if (me === null && !kept && reach === 'gone') return <Navigate to="/sign-in" replace state={{ from: pathname }} />;
  if (!kept)
    return (
      <main className="field-card p-4">
        <p>{reach === 'opening' ? 'Opening…' : 'Not on this phone. Open it once where there is a network.'}</p>
      </main>
    );

  const here = answeredHere(mine, kept.trip.items);
  const items = kept.trip.items;
  const done = (i: Item) => isDone(i, here.get(i.id));
  const now = items.find((i) => !done(i));
  const item = items.find((i) => i.id === at);
  const record = async (type: 'check/field', body: Bodies['check/field']) => {
    const entryId = crypto.randomUUID();
    const entries = [{ entryId, type, body, observedAt: new Date().toISOString(), expectedSeq: null }];
    const by = { person: kept.person, personName: kept.personName, look: currentLook() };
    try {
      await post({ id: entryId, jobId: kept.jobId, ...by, entries }, false);
      setNotice('');
      return true;
    } catch (e) {
      setNotice(refusalOf(e).message);
      return false;
    }
  };
  const answer = async (of: Item, right: boolean, metres: number | null, note: string) => {
    const { motors = null, second, transmitter = 'off', connected = false } = kept.said;
    const hasMotor = of.needs.some((n) => n.ask === 'motors');
    const state = { connected, transmitter, motors: hasMotor ? motors : null, second: hasMotor ? second : '' };
    return record('check/field', { item: of.id, right, state, metres, note });
  };
  const bar = <Power said={kept.said} away={away} />;
  const refused = mine.filter((w) => w.refused).length;
  const foot = (
    <footer className="flex min-h-[76px] border-t-[3px] border-black">
      <button
        type="button"
        aria-pressed={away}
        className="w-[130px] shrink-0 border-r-[3px] border-black text-[19px] font-bold aria-pressed:bg-black
          aria-pressed:text-white"
        onClick={() => setAway(!away)}
      >
        {away ? 'Hands on' : 'Hands off'}
      </button>
      <p role="status" className="min-w-0 flex-1 px-3 py-2 leading-tight">
        <strong className="block text-[20px]">
          {refused > 0
            ? `${refused} not taken`
            : mine.length > 0
              ? `${mine.length} waiting to send`
              : reach === 'away'
                ? 'No network'
                : 'All sent'}
        </strong>
        <span className="block text-[16px]">
          {refused > 0 ? 'why stands in the list; mended in Check' : FOOT[reach](mine.length)}
        </span>
      </p>
    </footer>
  );
  return (
    <main className="field-card flex min-h-full flex-col">
      {item ? (
        <FieldItem
          key={item.id}
          item={item}
          here={here.get(item.id)}
          after={items.find((i) => i.id === item.after && !done(i))}
          job={`${kept.jobId} ${kept.trip.kit}`}
          head={<Cells items={items} here={here} at={item.id} />}
          said={kept.said}
          notice={notice}
          onSay={say}
          onAnswer={(right, metres, note) => answer(item, right, metres, note)}
          onList={() => setAt(undefined)}
          next={items.find((i) => i.id !== item.id && !done(i))}
          onNext={setAt}
          bar={bar}
        />
      ) : (
        <>
          <header className="flex min-h-[66px] items-center justify-between border-b-[3px] border-black px-4">
            <h1 className="text-[32px] font-bold">Trip</h1>
            <p className="text-[24px] font-bold">
              {items.filter(done).length} of {items.length} done
            </p>
          </header>
          <p className="flex justify-between border-b-[3px] border-black px-4 py-2 text-[16px]">
            <span>
              {kept.jobId} {kept.trip.kit}
            </span>
            <span>list of {clock(kept.trip.asked)}</span>
          </p>
          <ol className="flex-1">
            {items.map((i, n) => (
              <li key={i.id}>
                <Row
                  item={i}
                  n={n + 1}
                  here={here.get(i.id)}
                  now={i === now}
                  done={done(i)}
                  onOpen={() => {
                    setNotice('');
                    setAt(i.id);
                  }}
                />
              </li>
            ))}
          </ol>
          {reach === 'signedOut' && (
            <Link to="/sign-in" state={{ from: pathname }} className="px-4 py-3 text-[24px] font-bold underline">
              Sign in to send
            </Link>
          )}
          {reach === 'here' && (
            <p className="flex justify-between px-4 text-[20px]">
              <Link to={toStage(id, 'check')} className="py-3 underline">
                Back to Check
              </Link>
              <button type="button" className="py-3 underline" onClick={() => void leave()}>
                Sign out
              </button>
            </p>
          )}
          {bar}
          <button
            type="button"
            className="min-h-[84px] border-t-[3px] border-black text-[32px] font-bold"
            disabled={!now}
            onClick={() => now && setAt(now.id)}
          >
            {now ? `Go on with ${items.indexOf(now) + 1}` : 'All done'}
          </button>
        </>
      )}
      {foot}
    </main>
  );
}

const FOOT = {
  opening: () => 'looking for the server',
  here: (waiting: number) => (waiting > 0 ? 'sending' : 'the server has everything'),
  away: (waiting: number) => (waiting > 0 ? 'no network, kept on this phone' : 'the list is kept on this phone'),
  signedOut: () => 'sign in again to send; kept on this phone',
  gone: () => 'the server does not know this job',
};

function Row({
  item,
  n,
  here,
  now,
  done,
  onOpen,
}: {
  item: Item;
  n: number;
  here: Here | undefined;
  now: boolean;
  done: boolean;
  onOpen: () => void;
}) {
  const wrong = here ? !here.right : item.line.standing === 'notMet';
  const small = here
    ? here.refused || `${clock(here.at)}, waiting to send${here.counts ? '' : '; does not count'}`
    : item.wrong
      ? `does not count: ${item.wrong}`
      : done
        ? item.line.reading
        : item.walk;
  return (
    <button
      type="button"
      onClick={onOpen}
      aria-current={now ? 'step' : undefined}
      className={`flex min-h-[70px] w-full items-center gap-3 border-b-2 border-black px-3 py-1 text-left
        ${now ? 'outline-4 -outline-offset-4 outline-black' : ''}`}
    >
      <span
        aria-hidden
        className={`grid h-[42px] w-[40px] shrink-0 place-items-center border-[3px] border-black text-[24px] font-bold
          ${done ? 'bg-black text-white' : now ? '' : 'border-dashed'}`}
      >
        {n}
      </span>
      <span className="min-w-0 flex-1 leading-tight">
        <strong className="block text-[24px]">{item.title}</strong>
        <span className="block text-[16px]">{small}</span>
      </span>
      {(done || wrong) && <Mark good={!wrong} />}
      {now && !wrong && <span className="shrink-0 text-[22px] font-bold">now</span>}
    </button>
  );
}

/** How it was said to stand; minutes under power run on, whatever hands do. */
function Power({ said, away }: { said: Said; away: boolean }) {
  if (said.connected === undefined) return null;
  const words = [
    said.motors && { isolated: 'motor isolated', held: 'held, disc clear', free: 'motor can turn' }[said.motors],
    said.transmitter &&
      {
        off: 'transmitter off',
        cutSet: 'transmitter on, cut set',
        live: 'throttle answers',
        another: 'another memory',
      }[said.transmitter],
    away ? 'hands off' : '',
  ].filter(Boolean);
  return (
    <p className="flex items-center gap-3 bg-black px-4 py-2 text-white">
      <span className="min-w-0 flex-1 leading-tight">
        <strong className="block text-[24px]">{said.connected ? 'Pack connected' : 'Pack not connected'}</strong>
        <span className="block text-[16px]">{words.join(' · ')}</span>
      </span>
      {said.connected && said.since && (
        <strong className="text-[32px]">{duration((Date.now() - said.since) / 60_000)}</strong>
      )}
    </p>
  );
}

// Minutes on the screen go on.
function useMinutes() {
  const [, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((t) => t + 1), 10_000);
    return () => clearInterval(timer);
  }, []);
}
