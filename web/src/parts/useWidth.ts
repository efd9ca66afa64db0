import { useEffect, useState } from 'react';

/** The width of what is drawn into, px, as it changes. */
export function useWidth<T extends HTMLElement>(initial: number): [(element: T | null) => void, number] {
  const [element, setElement] = useState<T | null>(null);
  const [width, setWidth] = useState(initial);
  useEffect(() => {
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width));
    watch.observe(element);
    return () => watch.disconnect();
  }, [element]);
  return [setElement, width];
}
