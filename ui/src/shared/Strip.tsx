import { walking } from './Tabs';

export type Mark = 'shown' | 'open' | 'wrong';

/** The rooms of a stage in the order they are done: a tick each, solid once it is shown, the open one taped. */
export function Strip<Room extends string>({
  label,
  marks,
  value,
  onChoose,
}: {
  label: string;
  marks: readonly { room: Room; title: string; mark: Mark; note: string }[];
  value: Room;
  onChoose: (room: Room) => void;
}) {
  const walk = walking(
    marks.map((m) => m.room),
    value,
    onChoose,
  );
  return (
    <div role="tablist" aria-label={label} onKeyDown={walk} className="grid grid-cols-6 border-b-2 border-ink bg-paper">
      {marks.map((m) => (
        <button
          type="button"
          key={m.room}
          id={`tab-${m.room}`}
          role="tab"
          aria-selected={m.room === value}
          aria-controls={m.room === value ? `panel-${m.room}` : undefined}
          tabIndex={m.room === value ? 0 : -1}
          onClick={() => onChoose(m.room)}
          className={`flex min-h-[54px] min-w-0 flex-col items-center px-[2px] text-center leading-tight
            ${m.room === value ? 'bg-tape-wash font-bold' : ''}`}
        >
          <Tick mark={m.mark} now={m.room === value} />
          <span className="block text-[13px]">{m.title}</span>
          <span className={`block text-[13px] font-normal ${m.mark === 'wrong' ? 'text-red' : 'text-pencil'}`}>
            {m.note}
          </span>
        </button>
      ))}
    </div>
  );
}

/** Hollow while nobody looked, ink once shown, bent and red where it is wrong. */
function Tick({ mark, now }: { mark: Mark; now: boolean }) {
  return (
    <svg aria-hidden width={16} height={20} viewBox="0 0 16 20" className="shrink-0">
      {mark === 'wrong' ? (
        <path d="M8 0v9l5 8" fill="none" stroke="var(--red)" strokeWidth={3} />
      ) : mark === 'shown' ? (
        <path d="M8 0v17" stroke="var(--ink)" strokeWidth={3.5} />
      ) : (
        <rect
          x={4.5}
          y={1}
          width={7}
          height={16}
          fill={now ? 'var(--tape)' : 'none'}
          stroke="var(--ink)"
          strokeWidth={1.5}
          strokeDasharray={now ? undefined : '3 2.5'}
        />
      )}
    </svg>
  );
}
