import { useLayoutEffect, useRef, useState } from 'react';

/** A box on the page and how large it is, px: what is drawn in it fits it. */
export function useBoxSize(before: { w: number; h: number }) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(before);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setSize({ w: element.clientWidth, h: element.clientHeight }));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { box, size };
}
