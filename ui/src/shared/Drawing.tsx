import { type PointerEvent, type ReactNode, useState } from 'react';
import type { Schemas } from '../api/client';
import { useBoxSize } from './boxSize';

type View = Schemas['DrawingView'];
type Part = Schemas['PartView'];
/** Places mm on the drawing into px on the mat, for tags. */
export type Place = { x: (across: number) => number; y: (down: number) => number; width: number; height: number };

type Pad = { top: number; bottom: number; left?: number; right?: number };

type Props = {
  drawing: View;
  /** Throws: surfaces show their verdict. Fit: parts show how far they are. */
  mode: 'fit' | 'throws' | 'plain';
  selected?: string | undefined;
  /** Throws: how each surface is inked for the rate in hand, instead of for all of them. */
  inks?: ReadonlyMap<string, Part['throws']>;
  highlight?: ReadonlySet<string>;
  onTap?: (part: string, across: number, down: number) => void;
  /** More SVG in mm, over the airframe. */
  over?: (px: number) => ReactNode;
  /** HTML over the mat, placed in px. */
  tags?: (place: Place) => ReactNode;
  foot?: string;
  pad?: Pad | ((height: number) => Pad);
  /** How far out L and R stand, px: further where something else lies at the tips. */
  lettersOut?: number;
  /** How far under the tips they stand, px. */
  lettersDown?: number;
};

const STEPS = [1, 2, 5, 10, 20, 50, 100];

/** The gridded mat with the airframe on it. Hidden from screen readers: a list beside it says the same. */
export function Drawing({
  drawing,
  mode,
  selected,
  inks,
  highlight,
  onTap,
  over,
  tags,
  foot = 'nose up, seen from above',
  pad,
  lettersOut = 16,
  lettersDown = 0,
}: Props) {
  const { box, size } = useBoxSize({ w: 640, h: 700 });
  const [touched, setTouched] = useState<string>();

  // On a phone the drawing is small and nothing is written round it.
  const {
    top = 84,
    bottom = 48,
    left = 40,
    right = 40,
  } = size.h < 190 ? { top: 12, bottom: 12 } : ((typeof pad === 'function' ? pad(size.h) : pad) ?? {});
  const scale = Math.max(
    0.02,
    Math.min((size.w - left - right) / drawing.width, (size.h - top - bottom) / drawing.height),
  );
  const originX = drawing.left + drawing.width / 2 - (left + (size.w - left - right) / 2) / scale;
  const originY = drawing.top + drawing.height / 2 - (top + (size.h - top - bottom) / 2) / scale;
  const px = 1 / scale;
  const step = STEPS.find((s) => s * scale >= 9) ?? 100;
  // Always outside the tips, whichever way it is turned; from its left only that side is near.
  const middle = drawing.left + drawing.width / 2;
  const both = [
    { letter: 'L', tip: drawing.leftTip },
    { letter: 'R', tip: drawing.rightTip },
  ];
  const letters = drawing.leftTip.across === drawing.rightTip.across ? both.slice(0, 1) : both;
  const place: Place = {
    x: (a) => (a - originX) * scale,
    y: (d) => (d - originY) * scale,
    width: size.w,
    height: size.h,
  };

  const tap = (part: Part) => (e: PointerEvent) => {
    const rect = box.current!.getBoundingClientRect();
    onTap?.(part.id, originX + (e.clientX - rect.left) * px, originY + (e.clientY - rect.top) * px);
  };

  return (
    <div ref={box} className="absolute inset-0 overflow-hidden bg-mat">
      <svg
        aria-hidden
        className="absolute inset-0 h-full w-full"
        viewBox={`${originX} ${originY} ${size.w * px} ${size.h * px}`}
      >
        <defs>
          <pattern id="fine" width={step} height={step} patternUnits="userSpaceOnUse">
            <path d={`M${step} 0H0V${step}`} fill="none" stroke="var(--grid)" strokeWidth={px} />
          </pattern>
          <pattern id="coarse" width={step * 5} height={step * 5} patternUnits="userSpaceOnUse">
            <rect width={step * 5} height={step * 5} fill="url(#fine)" />
            <path d={`M${step * 5} 0H0V${step * 5}`} fill="none" stroke="var(--coarse)" strokeWidth={px} />
          </pattern>
          <pattern
            id="hatch"
            width={7 * px}
            height={7 * px}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d={`M0 0V${7 * px}`} stroke="var(--red-mat)" strokeWidth={3 * px} />
          </pattern>
          <pattern id="dots" width={7 * px} height={7 * px} patternUnits="userSpaceOnUse">
            <rect width={7 * px} height={7 * px} fill="var(--mat)" />
            <circle cx={2 * px} cy={2 * px} r={1.7 * px} fill="var(--line)" />
            <circle cx={5.5 * px} cy={5.5 * px} r={1.7 * px} fill="var(--line)" />
          </pattern>
        </defs>
        <rect x={originX} y={originY} width={size.w * px} height={size.h * px} fill="url(#coarse)" />
        {drawing.parts.map((p) => (
          <path
            key={p.id}
            d={p.path}
            data-part={p.id}
            className="part"
            {...look(
              inks?.has(p.id) ? { ...p, throws: inks.get(p.id)! } : p,
              mode,
              p.id === selected || !!highlight?.has(p.id),
              px,
            )}
            onPointerEnter={() => setTouched(p.id)}
            onPointerUp={onTap ? tap(p) : undefined}
            style={onTap ? { cursor: 'crosshair' } : undefined}
          />
        ))}
        {drawing.lines.map((l, i) => (
          <path
            key={i}
            d={l.path}
            fill="none"
            stroke="var(--line)"
            strokeWidth={1.2 * px}
            strokeLinecap="round"
            {...(l.hidden ? { strokeDasharray: `${4 * px} ${3 * px}`, opacity: 0.7 } : {})}
            pointerEvents="none"
          />
        ))}
        {over?.(px)}
        {letters.map(({ letter, tip }) => (
          <text
            key={letter}
            x={tip.across + (tip.across < middle ? -1 : 1) * lettersOut * px}
            y={tip.down + lettersDown * px}
            fontSize={20 * px}
            fontWeight="700"
            textAnchor="middle"
            fill="var(--quiet)"
          >
            {letter}
          </text>
        ))}
      </svg>
      {tags?.(place)}
      <p aria-hidden className="pointer-events-none absolute bottom-3 left-4 text-[14px] text-quiet phone:hidden">
        <span className="block text-[17px] font-bold">{named(drawing.parts, touched)}</span>
        small square {step} mm · {foot}
      </p>
    </div>
  );
}

/** What was touched last, and what it lies on. */
function named(parts: readonly Part[], id: string | undefined) {
  const part = parts.find((p) => p.id === id);
  const on = parts.find((p) => p.id === part?.on);
  return part ? `${part.name}${on ? `, ${on.name}` : ''}` : '';
}

function look(p: Part, mode: Props['mode'], selected: boolean, px: number) {
  const line = { stroke: 'var(--line)', strokeWidth: 2 * px, fill: 'var(--mat)', strokeLinejoin: 'round' as const };
  if (mode === 'throws' && p.kind === 'surface') {
    const strong = { ...line, strokeWidth: (selected ? 4.5 : 2) * px };
    switch (p.throws) {
      case 'met':
        return { ...strong, fill: 'var(--line)', stroke: selected ? 'var(--tape-edge)' : 'var(--line)' };
      case 'close':
        return { ...strong, fill: 'url(#dots)' };
      case 'notMet':
        return { ...strong, fill: 'url(#hatch)', stroke: 'var(--red-mat)' };
      case 'stale':
        return { ...strong, strokeDasharray: `${6 * px} ${4 * px}` };
      default:
        return strong;
    }
  }

  if (p.kind === 'hidden')
    return {
      ...line,
      strokeWidth: 1.2 * px,
      strokeDasharray: `${5 * px} ${3 * px}`,
      fill: 'none',
      opacity: mode === 'fit' && p.ink === 'closedIn' ? 0.35 : 0.75,
    };
  if (p.kind === 'place' && !selected)
    return { ...line, strokeWidth: 1.3 * px, fill: p.ink === 'notFitted' && mode === 'fit' ? 'none' : line.fill };
  if (selected) return { ...line, strokeWidth: 4 * px, fill: mode === 'fit' ? 'var(--tape-wash)' : line.fill };
  if (mode === 'fit' && p.ink === 'notFitted')
    return { ...line, strokeDasharray: `${2 * px} ${5 * px}`, strokeLinecap: 'round' as const, fill: 'none' };
  if (mode === 'fit' && p.ink === 'inHand') return { ...line, strokeWidth: 4.5 * px };
  return line;
}
