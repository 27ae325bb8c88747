/** Names with their words, in the order they are offered. */
export const each = <T extends Record<string, string>>(words: T) =>
  Object.entries(words) as [Extract<keyof T, string>, string][];

/** "a row", "an output". */
export const a = (noun: string) => `${/^[aeiou]/.test(noun) ? 'an' : 'a'} ${noun}`;
