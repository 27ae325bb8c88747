import { useEffect, useState } from 'react';

type Room = 'bright' | 'dim';
const KEY = 'zygotome-room';

/** Bright bench by default; a dim room follows the system, or the switch when somebody used it. */
export function useRoom(): [Room, () => void] {
  const dark = window.matchMedia('(prefers-color-scheme: dark)');
  const [room, setRoom] = useState<Room>(
    () => (localStorage.getItem(KEY) as Room | null) ?? (dark.matches ? 'dim' : 'bright'),
  );
  useEffect(() => {
    document.documentElement.dataset.room = room;
  }, [room]);
  return [
    room,
    () => {
      const next = room === 'bright' ? 'dim' : 'bright';
      localStorage.setItem(KEY, next);
      setRoom(next);
    },
  ];
}
