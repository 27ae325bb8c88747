import { ENTRIES } from './contract';
import type { Posted } from './outbox';

/** Where something typed stands in a body: the names and rows that lead there. */
type Place = readonly (string | number)[];
type Typed = { place: Place; text: string };

/** Every number and quantity that somebody typed into an entry, in the order of its body. */
export const typedIn = (entry: Posted): Typed[] =>
  ENTRIES[entry.type].typed.flatMap((path) => found(entry.body, path, []));

function found(value: unknown, path: Place, at: Place): Typed[] {
  const [name, ...rest] = path;
  if (value === null || value === undefined) return [];
  if (name === undefined) return [{ place: at, text: String(value) }];
  if (Array.isArray(value)) return value.flatMap((row, i) => found(row, rest, [...at, i]));
  return found((value as Record<string, unknown>)[name], rest, [...at, name]);
}

/** The entry with another text there; a number stays one where it can be read as one. */
export function retyped(entry: Posted, place: Place, text: string): Posted {
  const body = structuredClone(entry.body);
  const last = place[place.length - 1]!;
  const within = place.slice(0, -1).reduce<unknown>((of, name) => (of as Record<string, unknown>)[name], body);
  const holder = within as Record<string, unknown>;
  const number = Number(text.replace(',', '.'));
  holder[last] = typeof holder[last] === 'number' && text.trim() && !Number.isNaN(number) ? number : text;
  return { ...entry, body };
}
