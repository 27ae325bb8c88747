import type { Schemas } from '../../api/client';
import { OverLines } from './OverLines';

type Measure = Schemas['MeasureView'];
type Line = Schemas['MeasureLine'];
type Drawing = Schemas['DrawingView'];

// mm of the airframe that are seen round the marks.
const NEAR = 60;

/**
 * On the airframe: along which lines the one in hand is read, where is cut (solid) and scored (dashed), and what lies
 * hidden under a mark.
 */
export function Lines({ step, px }: { step: Schemas['StepView']; px: number }) {
  const asked = step.asks.flatMap((a) => (a.measure && !a.settled ? [a.measure] : []));
  const marks = step.asks.flatMap((a) => (a.measure?.mark ? [a.measure] : []));
  const read = asked.find((m) => m.truth);
  return (
    <g pointerEvents="none" fill="none">
      {marks[0] && <Hidden of={marks[0]} px={px} />}
      {read?.lines.map((l) => (
        <path
          key={path(l)}
          d={path(l)}
          stroke="var(--tape-edge)"
          strokeWidth={3 * px}
          strokeDasharray={`${10 * px} ${5 * px}`}
        />
      ))}
      {step.spot && <Spot of={step.spot} px={px} />}
      {marks.flatMap((m) => m.lines.map((l) => <Mark key={`${m.mark} ${path(l)}`} line={l} px={px} />))}
    </g>
  );
}

/** The drawing as near as the marks of a step lie; all of it where there are none. */
export function closer(drawing: Drawing, step: Schemas['StepView'] | undefined): Drawing {
  const lines = step?.standing === 'underWay' ? step.asks.flatMap((a) => (a.measure?.mark ? a.measure.lines : [])) : [];
  if (lines.length === 0) return drawing;
  const across = lines.flatMap((l) => [l.fromAcross, l.toAcross]);
  const down = lines.flatMap((l) => [l.fromDown, l.toDown]);
  const [left, right] = [Math.min(...across) - NEAR, Math.max(...across) + NEAR];
  const [top, bottom] = [Math.min(...down) - NEAR, Math.max(...down) + NEAR];
  const middle = (top + bottom) / 2;
  return {
    ...drawing,
    left,
    top,
    width: right - left,
    height: bottom - top,
    leftTip: { across: left, down: middle },
    rightTip: { across: right, down: middle },
  };
}

/** What is repaired, ringed at its size and never smaller than it can be seen, with its tag. */
function Spot({ of, px }: { of: Schemas['StepSpot']; px: number }) {
  const r = Math.max(of.size / 2, 9 * px);
  return (
    <g>
      <circle cx={of.across} cy={of.down} r={r + 2 * px} stroke="var(--mat)" strokeWidth={7 * px} />
      <circle cx={of.across} cy={of.down} r={r} stroke="var(--red-mat)" strokeWidth={3 * px} />
      <OverLines x={of.across + r + 8 * px} y={of.down + 6 * px} px={px}>
        {of.tag}
      </OverLines>
    </g>
  );
}

function Mark({ line, px }: { line: Line; px: number }) {
  const point = line.fromAcross === line.toAcross && line.fromDown === line.toDown;
  const look = { stroke: 'var(--red-mat)', strokeWidth: 3 * px };
  if (point)
    return (
      <path
        d={`M${line.fromAcross - 7 * px} ${line.fromDown}h${14 * px}M${line.fromAcross} ${line.fromDown - 7 * px}v${14 * px}`}
        {...look}
      />
    );
  return <path d={path(line)} {...look} {...(line.cut === 'score' && { strokeDasharray: `${12 * px} ${4 * px}` })} />;
}

function Hidden({ of, px }: { of: Measure; px: number }) {
  return of.hidden.map((h) => (
    <g key={h.words}>
      {h.way.map((l) => (
        <path
          key={path(l)}
          d={path(l)}
          stroke="var(--line)"
          strokeWidth={2 * px}
          strokeDasharray={`${4 * px} ${4 * px}`}
        />
      ))}
      {h.way[0] && (
        <text x={h.way[0].fromAcross + 6 * px} y={h.way[0].fromDown} fontSize={15 * px} fill="var(--line)">
          {h.words}
        </text>
      )}
    </g>
  ));
}

const path = (l: Line) => `M${l.fromAcross} ${l.fromDown}L${l.toAcross} ${l.toDown}`;
