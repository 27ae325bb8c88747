import { DropdownMenu } from 'radix-ui';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import type { Recorder } from './entries';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Gauge } from './Gauge';

type Throw = Schemas['ThrowView'];
type Props = { job: Schemas['JobView']; recorder: Recorder; item: Throw; onTap: (value: string) => void };

/** The one throw now: its reading in the largest figures, verdict, gauge, and the next setting. */
export function Reading({ job, recorder, item, onTap }: Props) {
  const { line } = item;
  const bad = line.standing === 'notMet';
  return (
    <section aria-label={item.name}>
      <h2 className="text-[25px] leading-tight font-bold">{item.name}</h2>
      <p className="text-[16px] text-pencil">
        {item.rate} rate · chord {item.chord} mm{line.page && ` · sheet page ${line.page}`}
      </p>
      <div aria-live="polite" className="flex items-center gap-3 pt-1">
        {item.value !== null ? (
          <>
            <span
              className={`text-[60px] leading-none font-bold ${line.standing === 'stale' ? 'text-pencil line-through decoration-4' : ''}`}
            >
              {item.figure}
            </span>
            <span className="text-[16px] whitespace-nowrap text-pencil">
              {item.unit}
              <br />± {item.spread}
            </span>
          </>
        ) : (
          <span className="text-[40px] leading-[60px] text-pencil">not yet</span>
        )}
        <span className="ml-auto flex items-center gap-3">
          <Jaws line={line} size={32} />
          <span className={bad ? 'text-red' : ''}>
            <span className="block text-[26px] leading-tight font-bold">{verdictWords(line)}</span>
            <span className="block text-[15px] whitespace-nowrap">{bad ? line.outBy : ''}</span>
          </span>
        </span>
      </div>
      <Gauge item={item} onTap={onTap} />
      <p className="text-[16px]">
        {line.decided || `${item.printed}:`}
        <span className="text-pencil"> {line.limits}</span>
      </p>
      {item.advice && <Advice job={job} recorder={recorder} item={item} advice={item.advice} />}
      {line.standing === 'stale' && <p className="pt-1 text-[17px] font-bold">{line.why}</p>}
      <details className="text-[15px] open:border-b open:border-steel">
        <summary className="float-right flex min-h-[44px] w-[60px] cursor-pointer items-center justify-end text-pencil underline">
          why
        </summary>
        <p className="clear-both pb-2">
          {line.why} Decision rule: in when inside by the instrument's uncertainty; in, close within the band; both
          release.
          {line.evidence && ` Read by ${line.evidence.by}, attempt ${line.evidence.attempts}.`}
        </p>
      </details>
      {!job.released && (
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger className="min-h-[44px] text-[15px] text-pencil underline">
            Something moved on the {item.surfaceName.toLowerCase()}
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content className="z-30 border-2 border-ink bg-paper text-ink">
              {each(WORDS.linkagePart).map(([part, words]) => (
                <DropdownMenu.Item
                  key={part}
                  onSelect={() =>
                    void recorder.record('build/linkage-moved', { surface: item.surface, part, detail: '' })
                  }
                  className="flex min-h-[48px] cursor-pointer items-center px-4 text-[17px] data-highlighted:bg-tape
                    data-highlighted:text-on-tape"
                >
                  {words}
                </DropdownMenu.Item>
              ))}
              <DropdownMenu.Item
                onSelect={() => void recorder.record('throws/trim-set', { surface: item.surface, value: '' })}
                className="flex min-h-[48px] cursor-pointer items-center px-4 text-[17px] data-highlighted:bg-tape
                  data-highlighted:text-on-tape"
              >
                trim or sub-trim
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      )}
    </section>
  );
}

function Advice({
  job,
  recorder,
  item,
  advice,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  item: Throw;
  advice: Schemas['TravelAdviceView'];
}) {
  if (advice.percent === null)
    return <p className="mt-1 border border-tape-edge bg-tape-wash px-3 py-2 text-[17px]">{advice.why}</p>;
  const percent = advice.percent;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-2 border border-tape-edge bg-tape-wash px-2 py-2">
      <span className="shrink-0 text-[15px] leading-tight whitespace-nowrap">
        {item.numberShort} {item.way}
        {item.sets > 0 && <span className="block text-[13px] text-pencil">sets {item.sets} more</span>}
        <span className="block whitespace-nowrap">from {item.travel} % to</span>
      </span>
      <span className="text-[31px] leading-none font-bold whitespace-nowrap">{percent} %</span>
      <span className="ml-auto text-right text-[15px] whitespace-nowrap">
        then expect
        <br />
        {advice.expectWords}
      </span>
      {!job.released && (
        <button
          type="button"
          className="button dark ml-auto shrink-0 px-3 font-bold"
          onClick={() => void recorder.record('throws/travel-set', { target: item.line.id, percent: `${percent}` })}
        >
          It is set
        </button>
      )}
    </div>
  );
}
