import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Movement, Seen } from './ways';

/** What was tapped at one call and not yet recorded; another call begins with none. */
export function useTaps() {
  const [tapped, setTapped] = useState<{ of: string; seen: Seen }>();
  const at = (call: Schemas['DirectionView'] | undefined) => {
    const seen = call && tapped?.of === call.function ? tapped.seen : {};
    return {
      seen,
      begun: !!call && tapped?.of === call.function,
      complete: !!call?.expected.every((e) => seen[e.surface]),
      tap: (surface: string, moved: Movement | undefined) => {
        if (!call) return;
        const { [surface]: _, ...others } = seen;
        setTapped({ of: call.function, seen: moved ? { ...others, [surface]: moved } : others });
      },
    };
  };
  return { at, clear: () => setTapped(undefined) };
}

/** As it is recorded. */
export const listed = (seen: Seen) => Object.entries(seen).map(([surface, m]) => ({ surface, moved: m! }));

/** The picture as it must be. */
export const asItMust = (call: Schemas['DirectionView']): Seen =>
  Object.fromEntries(call.expected.map((e) => [e.surface, e.movement]));

/** What was seen and still stands, for the picture: nothing while nobody looked. */
export const seenOf = (call: Schemas['DirectionView']): Seen =>
  Object.fromEntries(call.expected.flatMap((e) => (e.seen ? [[e.surface, e.seen]] : [])));
