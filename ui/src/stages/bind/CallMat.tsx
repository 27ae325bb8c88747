import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Drawing, type Place } from '../../shared/Drawing';
import { Transmitter } from '../../shared/Transmitter';
import { type Movement, type Seen, waysOf } from './ways';

type Call = Schemas['DirectionView'];

// px: under this height answers stand beside each other, and everything is lower.
const LOW = 520;
const COLUMN = { high: 140, low: 230, sideways: 210 };

/**
 * The call large, the aircraft from behind, and three answers at each surface: above it what goes up, below it the rest.
 * What must be seen stands broken, what was tapped in ink, hatched where it is the wrong way. The list on the paper is the
 * same for keyboard and screen reader.
 */
export function CallMat({
  call,
  atRest,
  seen,
  onSeen,
  count,
}: {
  call: Call;
  atRest: Schemas['DrawingView'];
  seen: Seen;
  onSeen: (surface: string, moved: Movement) => void;
  count: string;
}) {
  return (
    <>
      <Drawing
        drawing={atRest}
        mode="plain"
        foot="from behind, you stand at the tail; movement larger than life"
        pad={(height) => (height < LOW ? { top: 158, bottom: 110 } : { top: 232, bottom: 190 })}
        lettersDown={tipsAreHigh(atRest) ? 28 : -30}
        over={(px) =>
          call.ways.map((w) => <Way key={`${w.surface}/${w.movement}`} way={w} call={call} seen={seen} px={px} />)
        }
        tags={(place) => <Answers call={call} drawing={atRest} seen={seen} onSeen={onSeen} place={place} />}
      />
      <div
        className="pointer-events-none absolute top-[64px] right-[18px] left-[18px] flex text-line max-lg:top-[6px]
          max-lg:left-[140px] phone:hidden"
      >
        <div className="min-w-0 flex-1">
          <p className="text-[44px] leading-[1.05] font-bold max-lg:text-[32px]">{call.call}</p>
          <p className="text-[16px] text-quiet">
            {count}
            {call.stick && ` · ${call.stick.words}`}
          </p>
        </div>
        <Transmitter stick={call.stick ?? undefined} />
      </div>
    </>
  );
}

/** L and R stand on the side of the tips where no answer lies. */
const tipsAreHigh = (of: Schemas['DrawingView']) => of.leftTip.down - of.top < of.height / 2;

function Way({ way, call, seen, px }: { way: Schemas['WayView']; call: Call; seen: Seen; px: number }) {
  const must = call.expected.find((e) => e.surface === way.surface)?.movement === way.movement;
  const said = seen[way.surface];
  if (said === way.movement)
    return (
      <path
        d={way.path}
        fill={must ? 'var(--line)' : 'url(#hatch)'}
        stroke={must ? 'var(--line)' : 'var(--red-mat)'}
        strokeWidth={2.5 * px}
      />
    );
  if (!must) return null;
  return (
    <path
      d={way.path}
      fill={said ? 'none' : 'var(--mat)'}
      stroke="var(--line)"
      strokeWidth={2.5 * px}
      strokeDasharray={`${7 * px} ${4 * px}`}
    />
  );
}

function Answers({
  call,
  drawing,
  seen,
  onSeen,
  place,
}: {
  call: Call;
  drawing: Schemas['DrawingView'];
  seen: Seen;
  onSeen: (surface: string, moved: Movement) => void;
  place: Place;
}) {
  if (place.height < 300) return null;
  const at = call.expected
    .map((e) => ({ ...e, part: drawing.parts.find((p) => p.id === e.surface) }))
    .sort((a, b) => (a.part?.atAcross ?? 0) - (b.part?.atAcross ?? 0));
  const low = place.height < LOW;
  const sideways = at.some((e) => !waysOf(e.movement)[0]);
  const column = low ? COLUMN.low : sideways ? COLUMN.sideways : COLUMN.high;
  const width = Math.min(column, (place.width - 24) / Math.max(1, at.length) - 8);
  const xs = apart(
    at.map((e) => place.x(e.part?.atAcross ?? 0)),
    width + 8,
    place.width,
  );
  const [top, bottom] = [place.y(drawing.top), place.y(drawing.top + drawing.height)];
  return at.map((e, i) => {
    const [above, below] = waysOf(e.movement);
    const button = (m: Movement) => (
      <Answer
        key={m}
        low={low}
        moved={m}
        must={e.movement === m}
        said={seen[e.surface]}
        onSay={() => onSeen(e.surface, m)}
      />
    );
    const partY = place.y(e.part?.atDown ?? 0);
    const partX = place.x(e.part?.atAcross ?? 0);
    return (
      <div key={e.surface} aria-hidden>
        <svg aria-hidden className="pointer-events-none absolute inset-0 h-full w-full">
          <path
            d={`M${xs[i]} ${bottom + (low ? 26 : 20)}L${partX} ${partY}`}
            stroke="var(--line)"
            strokeWidth={1}
            fill="none"
          />
          <circle cx={partX} cy={partY} r={3} fill="var(--line)" />
        </svg>
        <div
          className="absolute flex flex-col justify-end gap-1"
          style={{ left: xs[i]! - width / 2, width, bottom: place.height - top + (low ? 8 : 22) }}
        >
          <span className="text-center text-[15px] leading-tight text-quiet">{e.name.toLowerCase()}</span>
          {above && button(above)}
        </div>
        <div
          className="absolute flex flex-col gap-1"
          style={{ left: xs[i]! - width / 2, width, top: bottom + (low ? 26 : 20) }}
        >
          {low ? (
            <div className="flex gap-1">{[...below, 'none' as const].map(button)}</div>
          ) : (
            <>
              {below.length === 1 ? button(below[0]!) : <div className="flex gap-1">{below.map(button)}</div>}
              {button('none')}
            </>
          )}
        </div>
      </div>
    );
  });
}

function Answer({
  low,
  moved,
  must,
  said,
  onSay,
}: {
  low: boolean;
  moved: Movement;
  must: boolean;
  said: Movement | undefined;
  onSay: () => void;
}) {
  const chosen = said === moved;
  return (
    <button
      type="button"
      tabIndex={-1}
      onClick={onSay}
      className={`${low ? 'min-h-[44px]' : 'min-h-[52px]'} min-w-0 flex-1 border-2 px-1 leading-tight
        ${chosen ? 'border-ink bg-ink text-paper' : `bg-paper text-ink ${must ? 'border-dashed border-ink' : 'border-steel-edge'}`}`}
    >
      <span className={moved === 'none' ? 'text-[15px]' : 'text-[19px] font-bold'}>{WORDS.movement[moved]}</span>
      {must && !chosen && <span className="block text-[13px]">expected</span>}
      {chosen && <span className="block text-[13px]">{must ? 'as expected' : 'not as expected'}</span>}
    </button>
  );
}

/** Columns at least so far apart, in their order, none off the mat. */
function apart(wanted: readonly number[], gap: number, width: number) {
  const xs = [...wanted];
  for (let i = 0; i < xs.length; i++) xs[i] = Math.max(xs[i]!, i === 0 ? gap / 2 + 4 : xs[i - 1]! + gap);
  for (let i = xs.length - 1; i >= 0; i--)
    xs[i] = Math.min(xs[i]!, i === xs.length - 1 ? width - gap / 2 - 4 : xs[i + 1]! - gap);
  return xs;
}
