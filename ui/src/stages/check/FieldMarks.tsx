import type { Schemas } from '../../api/client';
import { type Here, isDone } from './fieldHere';

type Item = Schemas['TripItemView'];

/** The jaws in pure black: the dot between them, or beyond. */
export function Mark({ good, size = 30 }: { good: boolean; size?: number }) {
  return (
    <svg aria-hidden viewBox="-14 -12 38 24" width={(size * 38) / 24} height={size} className="shrink-0">
      <path d="M-6 -9H-11V9H-6M6 -9H11V9H6" fill="none" stroke="black" strokeWidth={3} />
      <circle cx={good ? 0 : 18} cy={0} r={4.5} />
    </svg>
  );
}

/** One cell an item: black done, heavy in hand, dashed not yet. */
export function Cells({ items, here, at }: { items: readonly Item[]; here: Map<string, Here>; at: string }) {
  return (
    <span aria-hidden className="flex items-center gap-1">
      {items.map((i) => {
        const done = isDone(i, here.get(i.id));
        return (
          <span
            key={i.id}
            className={`border-black ${i.id === at ? 'h-[30px] w-[20px] border-[4px]' : 'h-[24px] w-[17px] border-2'}
              ${done ? 'bg-black' : i.id === at ? '' : 'border-dashed'}`}
          />
        );
      })}
    </span>
  );
}
