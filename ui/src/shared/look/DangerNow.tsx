import type { Schemas } from '../../api/client';
import type { SharedRecorder } from '../stage';

/** Something dangerous was said, or an act ended: what to do now, large, on every screen until it is done. */
export function DangerNow({ job, recorder }: { job: Schemas['JobView']; recorder: SharedRecorder }) {
  const [danger, next] = job.lamps.dangers;
  if (!danger || job.released) return null;
  return (
    <section
      role="alert"
      aria-label="Do this now"
      className={`shrink-0 border-b-2 border-ink px-[18px] py-3 ${
        danger.follows
          ? 'bg-tape-wash shadow-[inset_12px_0_0_var(--tape)]'
          : 'bg-paper shadow-[inset_12px_0_0_var(--red)]'
      }`}
    >
      <p className={`pl-2 text-[24px] leading-tight font-bold ${danger.follows ? '' : 'text-red'}`}>{danger.now}</p>
      <div className="flex gap-2 pt-2 pl-2">
        {danger.remedies.map((r) => (
          <button
            type="button"
            key={r.words}
            className="button dark min-h-[60px] flex-1 text-[18px] leading-tight font-bold"
            disabled={recorder.busy}
            onClick={() => void recorder.record('build/lamps', r.said)}
          >
            {r.words}
          </button>
        ))}
      </div>
      {next && <p className="pt-2 pl-2 text-[16px]">Then: {next.now}</p>}
    </section>
  );
}
