import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

type AdviceView = Schemas['AdviceView'];
type Fix = Schemas['FixView'];

/** Records what was changed as advised, one after the other; what was looked at or called again is recorded there. */
export function useFixes(recorder: Recorder) {
  const one = (fix: Fix): Promise<boolean> => {
    switch (fix.kind) {
      case 'swapPlugs':
        return recorder.record('bind/plugs-swapped', { one: fix.of, other: fix.and });
      case 'reverse':
        return recorder.record('bind/reversed', { function: fix.of });
      case 'armSide':
        return recorder.record('build/linkage-moved', { surface: fix.and, part: 'armSide', detail: fix.words });
      case 'hornSide':
        return recorder.record('build/linkage-moved', { surface: fix.of, part: 'pushrod', detail: fix.words });
      default:
        return Promise.resolve(true);
    }
  };
  const take = async (fixes: readonly Fix[]) => {
    for (const fix of fixes) if (!(await one(fix))) return;
  };
  return { take };
}

/** What to set, in one line; then what will be seen. Of a mixed pair which of its eight set-ups it is, and should be. */
export function Advice({ advice, calls }: { advice: AdviceView; calls: readonly Schemas['DirectionView'][] }) {
  const then = calls.filter((c) => advice.functions.includes(c.function));
  return (
    <section aria-label="What to change" className="border-b-2 border-ink pb-3">
      <h2 className="text-[26px] leading-tight font-bold">{advice.line}.</h2>
      {advice.or && <p className="pt-1 text-[15px] text-pencil">or: {advice.or}</p>}
      {advice.settles && then.length > 0 && (
        <>
          <p className="pt-2 text-[16px] text-pencil">then you will see:</p>
          <div className="flex flex-wrap gap-3">
            {then.map((c) => (
              <figure key={c.function} className="min-w-[190px] flex-1">
                <Picture drawing={c.picture} parts={c.expected.map((e) => e.surface)} />
                <figcaption className="text-[15px]">
                  <strong>{c.call.toLowerCase()}:</strong>{' '}
                  {c.expected.map((e) => `${e.name.toLowerCase()} ${e.words}`).join(', ')}
                </figcaption>
              </figure>
            ))}
          </div>
        </>
      )}
      {advice.setUps && <Eight of={advice.setUps} />}
    </section>
  );
}

function Picture({ drawing, parts }: { drawing: Schemas['DrawingView']; parts: readonly string[] }) {
  const px = drawing.width / 200;
  return (
    <svg
      aria-hidden
      width="100%"
      height={84}
      viewBox={`${drawing.left - 2 * px} ${drawing.top - 2 * px} ${drawing.width + 4 * px} ${drawing.height + 4 * px}`}
    >
      {drawing.parts
        .filter((p) => p.kind !== 'hidden')
        .map((p) => (
          <path
            key={p.id}
            d={p.path}
            fill={parts.includes(p.id) ? 'var(--ink)' : 'var(--paper)'}
            stroke="var(--ink)"
            strokeWidth={1.2 * px}
          />
        ))}
    </svg>
  );
}

/** Crossed: plugs in each other's place. Black: reversed. */
function Eight({ of }: { of: Schemas['SetUpsView'] }) {
  const right = of.right ?? undefined;
  return (
    <div className="flex items-center gap-3 pt-3">
      <p className="shrink-0 leading-none">
        <span className="text-[44px] font-bold">{of.now + 1}</span>
        <span className="block text-[14px] text-pencil">of 8 set-ups</span>
      </p>
      <div className="min-w-0 flex-1">
        <svg aria-hidden width="100%" height={46} viewBox="0 0 296 46">
          {of.all.map((s, i) => (
            <g key={`${s.crossed}${s.firstReversed}${s.secondReversed}`} transform={`translate(${i * 37} 0)`}>
              <rect
                x={1}
                y={1}
                width={35}
                height={44}
                fill={i === right ? 'var(--tape)' : 'var(--paper)'}
                stroke="var(--ink)"
                strokeWidth={i === of.now ? 3 : 1}
              />
              <path d={s.crossed ? 'M11 8L26 22M26 8L11 22' : 'M11 8V22M26 8V22'} stroke="var(--ink)" strokeWidth={2} />
              {[s.firstReversed, s.secondReversed].map((r, at) => (
                <circle
                  // biome-ignore lint/suspicious/noArrayIndexKey: first and second are what they are
                  key={at}
                  cx={at === 0 ? 11 : 26}
                  cy={34}
                  r={5.5}
                  fill={r ? 'var(--ink)' : 'none'}
                  stroke="var(--ink)"
                  strokeWidth={1.5}
                />
              ))}
            </g>
          ))}
        </svg>
        <p className="text-[14px] text-pencil">
          {right === undefined
            ? 'none of the eight is right: the mix is wrong'
            : right === of.now
              ? 'as it must be'
              : 'heavy frame: now · tape: set this'}{' '}
          · crossed: plugs swapped · black: reversed
        </p>
      </div>
    </div>
  );
}
