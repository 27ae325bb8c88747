import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { day, duration } from '../../shared/time';

type Disposition = NonNullable<Schemas['Disposition']>;

/** The ways out of a finding side by side: what each takes, and when the aircraft could then be ready. */
export function WaysOut({
  ways,
  onDecide,
}: {
  ways: readonly Schemas['WayOut'][];
  onDecide: (d: Disposition) => void;
}) {
  return (
    <ul>
      {ways.map((w) => (
        <li key={w.disposition} className="grid grid-cols-[128px_1fr] items-center gap-3 border-t border-steel py-2">
          <button
            type="button"
            className="button px-2 text-[16px]"
            disabled={!w.allowed}
            onClick={() => onDecide(w.disposition as Disposition)}
          >
            {WORDS.disposition[w.disposition as Disposition]}
          </button>
          <span className="text-[15px] leading-snug">
            {w.allowed && (
              <strong className={w.late ? 'text-red' : ''}>
                {day(w.ready)}, {w.effect}
              </strong>
            )}
            <span className="block text-pencil">
              {w.words} {w.minutes > 0 && `${duration(w.minutes)} hands-on. `}
              {w.cureMinutes > 0 && `Full strength after ${duration(w.cureMinutes)}. `}
              {w.grams > 0 && `Adds ${w.grams} g.`}
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}
