/** The server wants a sign-in although somebody works here: theirs ran out. Whoever listens asks for the PIN over what is on the screen. */
const listeners = new Set<() => void>();

export const lapse = () => listeners.forEach((l) => l());

export function onLapse(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
