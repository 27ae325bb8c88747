import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Place } from '../../shared/Drawing';
import type { EditTools, Field } from './editTools';

type Line = Schemas['DimensionView'];
type Laid = { line: Line; flat: boolean; x: number; y: number; left: number; top: number; width: number };

const HIGH = 36;

type Props = {
  lines: readonly Line[];
  place: Place;
  field: (path: string) => Field | undefined;
  tools: EditTools;
  onChoose: (line: Line) => void;
};

/** Dimension lines over the drawing; each is typed where it is drawn, and leads to its field on the page. */
export function Dimensions({ lines, place, field, tools, onChoose }: Props) {
  const [typing, setTyping] = useState<string>();
  const laid = layOut(lines, place);
  return (
    <>
      <svg aria-hidden className="pointer-events-none absolute inset-0 h-full w-full">
        {laid.map(({ line: l, flat, x, y, left, top, width }, i) => {
          const [x1, y1, x2, y2] = [place.x(l.fromAcross), place.y(l.fromDown), place.x(l.toAcross), place.y(l.toDown)];
          const ends = flat
            ? `M${x1} ${y1 - 6}V${y1 + 6}M${x1} ${y1}H${x2}M${x2} ${y2 - 6}V${y2 + 6}`
            : `M${x1 - 6} ${y1}H${x1 + 6}M${x1} ${y1}V${y2}M${x2 - 6} ${y2}H${x2 + 6}`;
          const leader = flat ? '' : `M${x} ${y}L${left > x ? left : left + width} ${top + 16}`;
          return <path key={i} d={ends + leader} stroke="var(--quiet)" strokeWidth="1.5" fill="none" />;
        })}
      </svg>
      {laid.map(({ line, left, top, width }, i) => {
        const typed = line.path === typing && field(line.path);
        return typed ? (
          <Typed
            key={i}
            field={typed}
            tools={tools}
            left={Math.max(8, Math.min(left, place.width - 218))}
            top={top - 14}
            onClose={() => setTyping(undefined)}
          />
        ) : (
          <button
            type="button"
            key={i}
            onClick={() => {
              onChoose(line);
              setTyping(line.path);
            }}
            className="absolute min-h-[32px] border border-quiet bg-mat text-[14px] whitespace-nowrap text-line hover:bg-paper"
            style={{ left, top, width }}
          >
            {line.text}
          </button>
        );
      })}
    </>
  );
}

type TypedProps = { field: Field; tools: EditTools; left: number; top: number; onClose: () => void };

/** A number typed in its place on the drawing: the field's own words, which the drawing follows at once. */
function Typed({ field: f, tools, left, top, onClose }: TypedProps) {
  const [text, setText] = useState(f.text);
  const [wrong, setWrong] = useState('');
  const put = async () => {
    if (text.trim() === f.text) return onClose();
    const r = await tools.edit([{ path: f.path, act: 'set', text }]);
    if (r) setWrong(r.message);
    else onClose();
  };
  return (
    <form
      className="absolute z-20 w-[210px] border-2 border-ink bg-paper px-2 pt-1 pb-2 text-ink"
      style={{ left, top }}
      onSubmit={(e) => {
        e.preventDefault();
        void put();
      }}
    >
      <label className="text-[14px] text-pencil">
        {f.label}
        <input
          // biome-ignore lint/a11y/noAutofocus: it was asked for where it is drawn
          autoFocus
          aria-label={`${f.label}, on the drawing`}
          className={`field text-[18px] ${wrong ? 'border-red!' : f.standing === 'assumed' ? 'border-dashed' : ''}`}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onFocus={(e) => e.target.select()}
          onBlur={() => void put()}
          onKeyDown={(e) => {
            if (e.key === 'Escape') onClose();
          }}
          autoComplete="off"
        />
      </label>
      {wrong && (
        <p role="alert" className="text-[15px] text-red">
          {wrong}
        </p>
      )}
    </form>
  );
}

/** Each tag beside its line, on its own side of the aircraft; one that would lie on another goes below it. */
function layOut(lines: readonly Line[], place: Place): Laid[] {
  const laid: Laid[] = [];
  for (const line of lines) {
    const flat = Math.abs(line.fromDown - line.toDown) < Math.abs(line.fromAcross - line.toAcross);
    const x = place.x((line.fromAcross + line.toAcross) / 2);
    const y = place.y((line.fromDown + line.toDown) / 2);
    const width = 20 + line.text.length * 7.9;
    const left = flat
      ? x - width / 2
      : line.fromAcross >= 0
        ? Math.min(x + 14, place.width - width - 8)
        : Math.max(x - 14 - width, 8);
    let top = y - 16;
    while (laid.some((o) => Math.abs(o.top - top) < HIGH && o.left < left + width && left < o.left + o.width)) top += 4;
    laid.push({ line, flat, x, y, left, top, width });
  }
  return laid;
}
