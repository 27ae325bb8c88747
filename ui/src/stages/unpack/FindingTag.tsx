import type { Schemas } from '../../api/client';
import type { Place } from '../../shared/Drawing';

const NOTCHES = { cosmetic: 0, functional: 1, structural: 2, flightCritical: 3 };

/** A tied paper tag; its notches say the grade. The thin patch on the drawing is hit through it. */
export function FindingTag({
  finding,
  place,
  chosen,
  onChoose,
}: {
  finding: Schemas['FindingMark'];
  place: Place;
  chosen: boolean;
  onChoose: () => void;
}) {
  const x = place.x(finding.across);
  const y = place.y(finding.down);
  // Outwards, where less of the aircraft lies under it.
  const left = x < place.width / 2 ? x > 170 : x + 170 > place.width;
  const notches = NOTCHES[finding.grade];
  return (
    <>
      <svg
        aria-hidden
        className="pointer-events-none absolute overflow-visible"
        style={{ left: x, top: y }}
        width="1"
        height="1"
      >
        <path d={left ? 'M0 0L-26 -22' : 'M0 0L26 -22'} stroke="var(--line)" strokeWidth="1.5" />
      </svg>
      <button
        type="button"
        onClick={onChoose}
        aria-pressed={chosen}
        aria-label={`Finding ${finding.tag}, ${finding.gradeWords}${finding.cleared ? ', cleared' : ''}`}
        className={`absolute flex min-h-[44px] items-center gap-2 border-2 bg-paper pr-3 pl-1 whitespace-nowrap
          text-ink ${finding.cleared ? 'border-pencil' : 'border-red'} ${chosen ? 'bg-tape! text-on-tape!' : ''}`}
        style={{ left: left ? undefined : x + 24, right: left ? place.width - x + 24 : undefined, top: y - 46 }}
      >
        <svg aria-hidden width="10" height="36">
          {Array.from({ length: notches }, (_, i) => (
            <path key={i} d={`M0 ${6 + i * 11}l8 4l-8 4z`} fill="currentColor" />
          ))}
          {notches === 0 && <circle cx="5" cy="18" r="2.5" fill="none" stroke="currentColor" />}
        </svg>
        <span className="text-left leading-tight">
          <strong className="block text-[16px]">{finding.tag}</strong>
          <span className="block text-[13px] phone:hidden">{finding.cleared ? 'cleared' : finding.gradeWords}</span>
        </span>
      </button>
    </>
  );
}
