import { useEffect, useRef, useState } from 'react';

/** Seconds from a press, to a tenth; `touch` starts them anew, `stop` keeps what stands. */
export function useStopwatch() {
  const from = useRef<number>(undefined);
  const [seconds, setSeconds] = useState<number>();
  const [running, setRunning] = useState(false);
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setSeconds(tenths((performance.now() - from.current!) / 1000)), 100);
    return () => clearInterval(tick);
  }, [running]);
  const touch = () => {
    from.current = performance.now();
    setSeconds(0);
    setRunning(true);
  };
  const stop = () => {
    if (running) setSeconds(tenths((performance.now() - from.current!) / 1000));
    setRunning(false);
  };
  const clear = () => {
    setRunning(false);
    setSeconds(undefined);
  };
  return { seconds, running, touch, stop, clear };
}

const tenths = (s: number) => Math.floor(s * 10) / 10;
