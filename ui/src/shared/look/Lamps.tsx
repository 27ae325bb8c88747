import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Schemas } from '../../api/client';
import { currentLook, onLook } from '../../api/look';
import { useMe } from '../../api/me';
import { clock } from '../time';
import { isKnown, isLive, type Lamp, type LampKind } from './said';

const CELLS: { id: string; kinds: LampKind[]; title: (lamps: readonly Lamp[]) => string; sign: string }[] = [
  {
    id: 'motors',
    kinds: ['propeller', 'wires'],
    title: (lamps) =>
      lamps.every((l) => l.lamp === 'wires')
        ? 'Fan'
        : lamps.filter((l) => l.lamp === 'propeller').length > 1
          ? 'Propellers'
          : 'Propeller',
    sign: 'M0 -9A9 9 0 1 1 -.1 -9M-3 0A3 3 0 1 1 3 0A3 3 0 1 1 -3 0',
  },
  {
    id: 'pack',
    kinds: ['pack'],
    title: (lamps) => (lamps.length > 1 ? 'Packs' : 'Flight pack'),
    sign: 'M-7 -5H7V5H-7ZM-12 0H-7M7 0H12',
  },
  { id: 'transmitter', kinds: ['transmitter'], title: () => 'Transmitter', sign: 'M-8 -1H8V8H-8ZM0 -1V-10' },
  {
    id: 'stabiliser',
    kinds: ['stabiliser'],
    title: () => 'Stabiliser',
    sign: 'M-9 0H9M-9 -5L9 5',
  },
];

/** All lamps fall when nothing was recorded for a while: what the screen shows falls at the same instant. */
function useFallen(until: string) {
  const [fallen, setFallen] = useState(false);
  useEffect(() => {
    const left = new Date(until).getTime() - Date.now();
    setFallen(left <= 0);
    if (left <= 0) return;
    const timer = setTimeout(() => setFallen(true), left);
    return () => clearTimeout(timer);
  }, [until]);
  return fallen;
}

/**
 * What can hurt, as it was said and when. In another look, or after a pause, it falls to "not known, look". A press on
 * any opens the look, where all of them are said in one act.
 */
export function Lamps({ job, onLookAt }: { job: Schemas['JobView']; onLookAt: (lamps: string[]) => void }) {
  const look = useSyncExternalStore(onLook, currentLook);
  const fallen = useFallen(job.lamps.knownUntil);
  const me = useMe();
  const cells = CELLS.map((cell) => ({
    ...cell,
    lamps: job.lamps.lamps.filter((l) => cell.kinds.includes(l.lamp)),
  })).filter((cell) => cell.lamps.length > 0);
  const tight = cells.length > 3;
  return (
    <section aria-label="Lamps" data-region="lamps" className="flex min-h-[56px] shrink-0 border-b-2 border-ink">
      {cells.map((cell) => {
        const { lamps } = cell;
        const known = lamps.every((l) => isKnown(l, look, me?.id)) && (!fallen || lamps.every((l) => l.stays));
        const live = known && lamps.some((l) => isLive(l.lamp, l.is));
        const last = lamps.reduce((a, b) => ((a.at ?? '') > (b.at ?? '') ? a : b));
        return (
          <button
            type="button"
            key={cell.id}
            disabled={job.released}
            data-lamp={cell.id}
            onClick={() => onLookAt(cell.kinds.map((k) => `lamps.${k}`))}
            className={`flex min-w-0 flex-1 items-center gap-[6px] border-ink px-[7px] py-1 text-left not-last:border-r
              ${live ? 'bg-tape text-on-tape' : ''}`}
          >
            <svg aria-hidden viewBox="-13 -12 26 24" width="21" height="20" className="shrink-0">
              <path
                d={cell.sign}
                fill={live ? 'currentColor' : 'none'}
                stroke="currentColor"
                strokeWidth="2"
                strokeDasharray={known ? undefined : '2 3'}
              />
            </svg>
            <span className="min-w-0 leading-tight">
              <span className="block truncate text-[13px] tracking-tight">
                {cell.title(lamps)} {known && last.at && !tight ? clock(last.at) : ''}
              </span>
              <span
                className={`block leading-[1.15] font-bold ${tight ? 'text-[13px] tracking-tight' : 'text-[14.5px]'}`}
              >
                {known ? words(lamps) : 'not known, look'}
              </span>
            </span>
          </button>
        );
      })}
    </section>
  );
}

/** One word where all are alike; what differs by its name. Wires are worth a word only when they are off. */
function words(lamps: readonly Lamp[]) {
  const main = lamps.filter((l) => l.lamp !== 'wires');
  const wires = lamps.filter((l) => l.lamp === 'wires');
  const off = wires.filter((l) => l.is === 'off');
  if (main.length === 0) return off.length > 0 ? 'wires off' : 'wires on, can turn';
  const alike = main.every((l) => l.is === main[0]!.is);
  const said = alike
    ? main[0]!.words
    : main
        .filter((l) => isLive(l.lamp, l.is))
        .map((l) => `${l.of} ${l.words}`)
        .join(', ') || main.map((l) => `${l.of} ${l.words}`).join(', ');
  return off.length === 0 ? said : `${said}, ${off.length === wires.length ? '' : `${off[0]!.of} `}wires off`;
}
