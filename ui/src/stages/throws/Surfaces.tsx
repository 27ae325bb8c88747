import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';
import { Jaws, verdictWords } from '../../shared/Jaws';

type SurfaceLine = Schemas['SurfaceLineView'];
type Props = {
  job: Schemas['JobView'];
  recorder: Recorder;
  data: Schemas['ThrowsView'];
  instrument: { id: string };
};

/** Neutral, free movement by hand, and the holes the pushrods sit in, surface by surface. */
export function Surfaces({ job, recorder, data, instrument }: Props) {
  const [offsets, setOffsets] = useState<Record<string, string>>({});
  const neutral = async ({ line, surface }: SurfaceLine) => {
    const typed = offsets[line.id] ?? '';
    if (
      await recorder.record('throws/neutral', {
        surface,
        offset: typed,
        instrument: instrument.id,
      })
    )
      setOffsets((o) => ({ ...o, [line.id]: '' }));
  };
  return (
    <>
      {data.neutral.length > 0 && (
        <section aria-label="Neutral" className="pt-4">
          <h3 className="text-[18px] font-bold">Neutral, stick at rest</h3>
          {data.neutral.map((of) => {
            const { line, name } = of;
            return (
              <div key={line.id} className="flex min-h-[52px] items-center gap-2 border-b border-steel text-[16px]">
                <span className="min-w-0 flex-1">
                  {name}
                  <span className="block text-[14px] text-pencil">
                    {line.standing === 'stale' ? line.why : line.limits}
                  </span>
                </span>
                <span>{line.reading || <span className="text-pencil">not yet</span>}</span>
                <Jaws line={line} size={18} />
                <input
                  aria-label={`${line.text}, mm`}
                  className="field w-[72px]"
                  placeholder="mm"
                  value={offsets[line.id] ?? ''}
                  disabled={job.released}
                  onChange={(e) => setOffsets((o) => ({ ...o, [line.id]: e.target.value }))}
                  onKeyDown={(e) => e.key === 'Enter' && void neutral(of)}
                />
              </div>
            );
          })}
        </section>
      )}
      <ByHand
        name="Free movement"
        title="Free movement, by hand"
        lines={data.freedom}
        yes="free"
        no="binds"
        disabled={job.released}
        onSay={(surface, free) => void recorder.record('throws/freedom', { surface, free, note: '' })}
      />
      <ByHand
        name="Pushrod holes"
        title="Pushrod holes, as the manual names them"
        lines={data.holes}
        yes="as printed"
        no="others"
        disabled={job.released}
        onSay={(surface, asSheet) => void recorder.record('throws/holes', { surface, asSheet })}
      />
    </>
  );
}

type Rows = {
  name: string;
  title: string;
  lines: readonly SurfaceLine[];
  yes: string;
  no: string;
  disabled: boolean;
  onSay: (surface: string, yes: boolean) => void;
};

/** What is looked at or felt, surface by surface, with one of two answers. */
function ByHand({ name, title, lines, yes, no, disabled, onSay }: Rows) {
  if (lines.length === 0) return null;
  return (
    <section aria-label={name} className="pt-4 last:pb-4">
      <h3 className="text-[18px] font-bold">{title}</h3>
      {lines.map(({ line, surface, name }) => (
        <div key={line.id} className="flex min-h-[52px] items-center gap-2 border-b border-steel text-[16px]">
          <span className="min-w-0 flex-1">
            {name}
            {line.limits && <span className="block text-[14px]">{line.limits}</span>}
            <span className="block text-[14px] text-pencil">
              {line.standing === 'stale' ? line.why : line.standing === 'notShown' ? 'not yet' : verdictWords(line)}
            </span>
          </span>
          <Jaws line={line} size={18} />
          {[true, false].map((answer) => (
            <button
              type="button"
              key={`${answer}`}
              className="button px-3 whitespace-nowrap"
              aria-label={`${name}: ${answer ? yes : no}`}
              aria-pressed={line.standing === (answer ? 'met' : 'notMet')}
              disabled={disabled}
              onClick={() => onSay(surface, answer)}
            >
              {answer ? yes : no}
            </button>
          ))}
        </div>
      ))}
    </section>
  );
}
