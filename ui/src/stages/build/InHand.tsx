import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { answer, api, type Schemas } from '../../api/client';
import { useBoxSize } from '../../shared/boxSize';
import { OverLines } from './OverLines';

type Hand = Schemas['HandView'];
type Pad = { top: number; bottom: number; left: number; right: number };

// What the smaller drawing takes of the upper right, px.
const CORNER = { w: 150, h: 158 };

/** The parts of a step as they are held; empty where the drawing has none of them. */
export const useInHand = (job: string, step: Schemas['StepView'] | undefined) =>
  useQuery({
    queryKey: ['job', job, 'in-hand', step?.id],
    enabled: step !== undefined && step.lit.length > 0,
    queryFn: async () =>
      answer(await api.GET('/api/jobs/{id}/in-hand', { params: { path: { id: job }, query: { step: step!.id } } })),
  }).data;

/**
 * The parts in hand, three-quarter and drawn off what they go on to: faces to coat hatched, faces to keep clear in red
 * with their words, L and R lying on the parts. Hidden from screen readers: the step's words say the same.
 */
export function InHand({ hand, pad }: { hand: Hand; pad: Pad }) {
  const { box, size } = useBoxSize({ w: 640, h: 500 });

  // On a phone the drawing is small and nothing is written on it.
  const small = size.h < 190;
  // The smaller drawing stands in a corner: beside it or below it, whichever leaves more room.
  const scaleIn = (p: Pad) =>
    Math.max(
      0.02,
      Math.min((size.w - p.left - p.right) / hand.bounds.width, (size.h - p.top - p.bottom) / hand.bounds.height, 1.6),
    );
  const [beside, below] = [
    { ...pad, right: pad.right + CORNER.w },
    { ...pad, top: Math.max(pad.top, CORNER.h) },
  ];
  const room = small ? { top: 8, bottom: 8, left: 8, right: 8 } : scaleIn(beside) > scaleIn(below) ? beside : below;
  const { top, bottom, left, right } = room;
  const scale = scaleIn(room);
  const px = 1 / scale;
  const x = hand.bounds.left + hand.bounds.width / 2 - (left + (size.w - left - right) / 2) * px;
  const y = hand.bounds.top + hand.bounds.height / 2 - (top + (size.h - top - bottom) / 2) * px;
  return (
    <div ref={box} className="absolute inset-0 overflow-hidden bg-mat">
      <svg aria-hidden className="absolute inset-0 h-full w-full" viewBox={`${x} ${y} ${size.w * px} ${size.h * px}`}>
        <defs>
          <pattern id="hand-grid" width={60 * px} height={60 * px} patternUnits="userSpaceOnUse">
            <path d={`M${60 * px} 0H0V${60 * px}`} fill="none" stroke="var(--coarse)" strokeWidth={px} />
          </pattern>
        </defs>
        <rect x={x} y={y} width={size.w * px} height={size.h * px} fill="url(#hand-grid)" />
        <Parts hand={hand} px={px} />
        {hand.faces
          .filter((f) => f.keepClear && !small)
          .map((f) => (
            <OverLines key={`${f.words} ${f.path}`} x={f.at.across} y={f.at.down - 9 * px} px={px}>
              {f.words}
            </OverLines>
          ))}
      </svg>
      <p aria-hidden className="pointer-events-none absolute bottom-3 left-4 text-[14px] text-quiet phone:hidden">
        drawn apart, {hand.seen}
      </p>
    </div>
  );
}

/** The parts without their words, where another drawing is the large one. */
export function SmallHand({ hand, width, height }: { hand: Hand; width: number; height: number }) {
  const px = Math.max(hand.bounds.width / width, hand.bounds.height / height);
  const { left, top } = hand.bounds;
  return (
    <svg
      aria-hidden
      width={width}
      height={height}
      viewBox={`${left - 2 * px} ${top - 2 * px} ${hand.bounds.width + 4 * px} ${hand.bounds.height + 4 * px}`}
    >
      <Parts hand={hand} px={px} />
    </svg>
  );
}

function Parts({ hand, px }: { hand: Hand; px: number }) {
  const hatch = useId();
  return (
    <>
      <defs>
        <pattern id={hatch} width={7 * px} height={7 * px} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={7 * px} height={7 * px} fill="var(--tape)" />
          <path d={`M0 0V${7 * px}`} stroke="var(--tape-edge)" strokeWidth={2.4 * px} />
        </pattern>
      </defs>
      {hand.parts.map((p) =>
        p.kind === 'hidden' ? (
          <path
            key={p.id}
            d={p.body}
            fill="none"
            stroke="var(--line)"
            strokeWidth={1.2 * px}
            strokeDasharray={`${5 * px} ${3 * px}`}
          />
        ) : (
          <g key={p.id} strokeLinejoin="round">
            <path d={p.body} fill="var(--line)" stroke="var(--line)" strokeWidth={(p.inHand ? 5 : 3) * px} />
            <path d={p.body} fill="var(--mat)" />
            <path d={p.edges} fill="none" stroke="var(--line)" strokeWidth={(p.inHand ? 1.3 : 0.9) * px} />
          </g>
        ),
      )}
      {hand.ways.map((w) => (
        <path
          key={w.path}
          d={w.path}
          fill="none"
          stroke="var(--line)"
          strokeWidth={(w.hidden ? 1.2 : 3) * px}
          strokeDasharray={w.hidden ? `${10 * px} ${4 * px} ${2 * px} ${4 * px}` : undefined}
        />
      ))}
      {hand.faces.map((f) => (
        <path
          key={`${f.words} ${f.path}`}
          d={f.path}
          fill={f.keepClear ? 'none' : `url(#${hatch})`}
          stroke={f.keepClear ? 'var(--red-mat)' : 'var(--line)'}
          strokeWidth={(f.keepClear ? 2.6 : 1.6) * px}
          strokeLinejoin="round"
          {...(f.away && { opacity: 0.45, strokeDasharray: `${5 * px} ${3 * px}` })}
        />
      ))}
      {hand.letters.map((l) => (
        <text
          key={`${l.letter} ${l.at.across} ${l.at.down}`}
          transform={`matrix(${l.along.across} ${l.along.down} ${l.foot.across} ${l.foot.down} ${l.at.across} ${l.at.down})`}
          fontSize={52 * px}
          fontWeight="700"
          stroke="var(--mat)"
          strokeWidth={5 * px}
          paintOrder="stroke"
          textAnchor="middle"
          dominantBaseline="central"
          fill="var(--line)"
        >
          {l.letter}
        </text>
      ))}
    </>
  );
}
