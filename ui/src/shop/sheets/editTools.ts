import type { Refusal, Schemas } from '../../api/client';

export type Field = Schemas['FieldNow'];

/** What a field does to the sheet it stands in; the refusal where it was not done. */
export type EditTools = {
  edit: (edits: Partial<Schemas['SheetEdit']>[]) => Promise<Refusal | undefined>;
  say: (flag: string, reply: Schemas['FlagAnswer'], text?: string) => Promise<Refusal | undefined>;
  answers: ReadonlyMap<string, Schemas['AnswerView']>;
};

/** The keys of a field. A bare letter or digit always belongs to what is typed. */
export const FIELD_KEYS = [
  { key: 'F2', words: 'also says' },
  { key: 'F4', words: 'from which paper' },
  { key: 'F8', words: 'not stated' },
  { key: 'F9', words: 'not here' },
] as const;

/** The places of the open page where something is typed, in its order; not those folded away. */
export const places = () =>
  [...document.querySelectorAll<HTMLElement>('[data-field]')].filter((e) => e.checkVisibility());

/** Moves on to the next place of the page where something is typed, or back; at its end nowhere. */
export function moveOn(from: HTMLElement, by: 1 | -1) {
  const all = places();
  const next = all[all.indexOf(from) + by];
  next?.focus();
  if (next instanceof HTMLInputElement) next.select();
  return next !== undefined;
}
