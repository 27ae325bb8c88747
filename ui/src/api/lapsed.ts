/**
 * The server wants a sign-in although somebody works here: theirs ran out. Whoever listens asks for the PIN over what
 * is on the screen.
 */
const listeners = new Set<() => void>();

export function lapse() {
  for (const listener of listeners) listener();
}

export function onLapse(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
