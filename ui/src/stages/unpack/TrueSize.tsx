import { useState } from 'react';
import type { Schemas } from '../../api/client';

const KEY = 'zygotome-px-per-mm';
const LINE = 50;

/** Outlines at true size on this screen, once it was set against a ruler: a screw laid on the glass covers its own. */
export function TrueSize({ outlines }: { outlines: readonly Schemas['OutlineView'][] }) {
  const [px, setPx] = useState(() => Number(localStorage.getItem(KEY)) || 0);
  const [setting, setSetting] = useState(px === 0);
  const scale = px || 96 / 25.4;
  const put = (value: number) => {
    setPx(value);
    localStorage.setItem(KEY, String(value));
  };
  return (
    <div>
      {setting && (
        <div className="border-b border-steel pb-2">
          <p className="text-[15px]">Lay a ruler on the glass and move until this line is exactly {LINE} mm.</p>
          <svg aria-hidden width={LINE * scale + 4} height="18" className="block">
            <path
              d={`M2 2V16M2 9H${LINE * scale + 2}M${LINE * scale + 2} 2V16`}
              stroke="var(--ink)"
              strokeWidth="2"
              fill="none"
            />
          </svg>
          <div className="flex items-center gap-2">
            <input
              type="range"
              aria-label="Length of the 50 mm line"
              className="h-[44px] flex-1 accent-(--ink)"
              min={2}
              max={9}
              step={0.01}
              value={scale}
              onChange={(e) => put(Number(e.target.value))}
            />
            <button
              type="button"
              className="button px-3"
              onClick={() => {
                put(scale);
                setSetting(false);
              }}
            >
              it is {LINE} mm
            </button>
          </div>
        </div>
      )}
      {!setting && (
        <button type="button" className="min-h-[44px] text-[15px] underline" onClick={() => setSetting(true)}>
          set this screen against a ruler again
        </button>
      )}
      <ul className="flex flex-wrap gap-x-5 gap-y-2 pt-1">
        {outlines.map((o, i) => (
          <li key={o.name + i} className="text-[14px]">
            <svg
              aria-hidden
              width={o.width * scale + 4}
              height={Math.max(o.height * scale, 10) + 4}
              viewBox={`${-2 / scale} ${-2 / scale} ${o.width + 4 / scale} ${o.height + 4 / scale}`}
              className="block"
            >
              <path d={o.path} fill={i === 1 ? 'var(--tape)' : 'none'} stroke="var(--ink)" strokeWidth={1.5 / scale} />
            </svg>
            {o.name}
          </li>
        ))}
      </ul>
    </div>
  );
}
