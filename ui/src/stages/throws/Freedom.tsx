import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from '../../api/record';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { withUnit } from './method';

type Props = { job: Schemas['JobView']; recorder: Recorder; data: Schemas['ThrowsView']; instrument: { name: string; u: number } };

/** Neutral, and free movement by hand, surface by surface. */
export function Freedom({ job, recorder, data, instrument }: Props) {
  const [offsets, setOffsets] = useState<Record<string, string>>({});
  const surface = (line: Schemas['LedgerLine']) => line.id.split('/')[1]!;
  const neutral = async (line: Schemas['LedgerLine']) => {
    const typed = offsets[line.id] ?? '';
    if (await recorder.record('throws/neutral', { surface: surface(line), offset: withUnit(typed, 'mm'), instrument: { name: instrument.name, u: instrument.u } })) setOffsets((o) => ({ ...o, [line.id]: '' }));
  };
  return (
    <>
      {data.neutral.length > 0 && (
        <section aria-label="Neutral" className="pt-4">
          <h3 className="text-[18px] font-bold">Neutral, stick at rest</h3>
          {data.neutral.map((line) => (
            <div key={line.id} className="flex min-h-[52px] items-center gap-2 border-b border-steel text-[16px]">
              <span className="min-w-0 flex-1">
                {line.text.split(',')[0]}
                <span className="block text-[14px] text-pencil">{line.standing === 'stale' ? line.why : line.limits}</span>
              </span>
              <span>{line.reading || <span className="text-pencil">not yet</span>}</span>
              <Jaws line={line} size={18} />
              <input aria-label={`${line.text}, mm`} className="field w-[72px]" placeholder="mm" value={offsets[line.id] ?? ''} disabled={job.released} onChange={(e) => setOffsets((o) => ({ ...o, [line.id]: e.target.value }))} onKeyDown={(e) => e.key === 'Enter' && void neutral(line)} />
            </div>
          ))}
        </section>
      )}
      <section aria-label="Free movement" className="py-4">
        <h3 className="text-[18px] font-bold">Free movement, by hand</h3>
        {data.freedom.map((line) => (
          <div key={line.id} className="flex min-h-[52px] items-center gap-2 border-b border-steel text-[16px]">
            <span className="min-w-0 flex-1">
              {line.text.replace(' moves freely', '')}
              <span className="block text-[14px] text-pencil">{line.standing === 'stale' ? line.why : line.standing === 'notShown' ? 'not yet' : verdictWords(line)}</span>
            </span>
            <Jaws line={line} size={18} />
            <button className="button px-3" aria-pressed={line.standing === 'met'} disabled={job.released} onClick={() => void recorder.record('throws/freedom', { surface: surface(line), free: true, note: '' })}>
              free
            </button>
            <button className="button px-3" aria-pressed={line.standing === 'notMet'} disabled={job.released} onClick={() => void recorder.record('throws/freedom', { surface: surface(line), free: false, note: '' })}>
              binds
            </button>
          </div>
        ))}
      </section>
    </>
  );
}
