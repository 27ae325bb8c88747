import type { Bodies } from '../../api/contract';
import type { Waiting } from '../../api/outbox';

/** What was answered on this phone and waits, of an item. */
export type Here = { right: boolean; at: string; refused: string };

/** By item. */
export function answeredHere(mine: readonly Waiting[]) {
  const here = new Map<string, Here>();
  for (const w of mine)
    for (const e of w.entries)
      if (e.type === 'check/field') {
        const { item, right } = e.body as Bodies['check/field'];
        here.set(item, { right, at: e.observedAt, refused: w.refused?.text ?? '' });
      }
  return here;
}
