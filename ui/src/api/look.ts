/**
 * One unbroken stretch of somebody looking at the bench. A reload, a sign-in, another person or ten idle minutes begin
 * another.
 */
let look = crypto.randomUUID();
let lastActive = Date.now();
const listeners = new Set<() => void>();
const IDLE = 10 * 60_000;

export const currentLook = () => look;

export function newLook() {
  look = crypto.randomUUID();
  for (const listener of listeners) listener();
}

export function onLook(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function active() {
  if (Date.now() - lastActive > IDLE) newLook();
  lastActive = Date.now();
}

for (const kind of ['pointerdown', 'keydown']) window.addEventListener(kind, active, { capture: true, passive: true });
setInterval(() => {
  if (Date.now() - lastActive <= IDLE) return;
  newLook();
  lastActive = Date.now();
}, 15_000);
