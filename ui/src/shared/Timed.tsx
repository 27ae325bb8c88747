import { useEffect, useState } from 'react';
import { useStopwatch } from './stopwatch';

/** How long a position takes, by a press at the switch and one when it stands; or typed from another watch. */
export function Timed({ takes, onSeconds }: { takes: string; onSeconds: (seconds: number | undefined) => void }) {
  const watch = useStopwatch();
  const [typed, setTyped] = useState('');
  const said = typed.trim() ? Number(typed.replace(',', '.')) : watch.running ? undefined : watch.seconds;
  const seconds = said === undefined || Number.isNaN(said) ? undefined : said;
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the figure is another one
  useEffect(() => onSeconds(seconds), [seconds]);
  return (
    <div className="mt-3 flex items-center gap-2 border-y border-steel py-2">
      <span className="w-[128px] shrink-0 text-[44px] leading-none font-bold tabular-nums">
        {(watch.seconds ?? 0).toFixed(1)}
        <span className="pl-1 text-[18px] font-normal">s</span>
      </span>
      <button
        type="button"
        className="button dark min-h-[56px] flex-1 text-[18px] font-bold"
        onClick={() => {
          setTyped('');
          if (watch.running) watch.stop();
          else watch.touch();
        }}
      >
        {watch.running ? 'It stands' : 'Switch now'}
      </button>
      <label className="w-[84px] shrink-0 text-[13px] text-pencil">
        or typed, s
        <input
          className="field text-[18px] text-ink"
          inputMode="decimal"
          value={typed}
          onChange={(e) => {
            watch.clear();
            setTyped(e.target.value);
          }}
        />
      </label>
      <span className="sr-only">must take {takes}</span>
    </div>
  );
}
