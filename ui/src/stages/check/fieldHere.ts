import type { Schemas } from '../../api/client';
import type { Bodies } from '../../api/contract';
import type { Waiting } from '../../api/outbox';
import { standing } from './FieldBefore';

type Item = Schemas['TripItemView'];

/** What was answered on this phone and waits, of an item. `counts`: taken as it stands, it shows something. */
export type Here = { right: boolean; counts: boolean; at: string; refused: string };

/** By item, the latest of each. */
export function answeredHere(mine: readonly Waiting[], items: readonly Item[]) {
  const here = new Map<string, Here>();
  for (const w of mine)
    for (const e of w.entries)
      if (e.type === 'check/field') {
        const { item, right, state } = e.body as Bodies['check/field'];
        const of = items.find((i) => i.id === item);
        const counts = !w.refused && !!of && !of.notBefore && isSafe(of, state);
        here.set(item, { right, counts, at: e.observedAt, refused: w.refused?.text ?? '' });
      }
  return here;
}

function isSafe(item: Item, { motors, transmitter, connected, second }: Bodies['check/field']['state']) {
  const as = { motors: motors ?? undefined, transmitter, connected, second };
  const { open, unsafe, noSecond } = standing(item.needs, as, new Set());
  return !open && !unsafe && !noSecond;
}

/** Shown, or answered here so that it will be. */
export const isDone = (item: Item, here: Here | undefined) => (here ? here.right && here.counts : !item.open);
