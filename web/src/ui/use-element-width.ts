import { useCallback, useState } from "react";

/** The width of an element, followed as it changes; 0 before it is on the page. */
export function useElementWidth(): [(element: Element | null) => void, number] {
  const [width, setWidth] = useState(0);
  const follow = useCallback((element: Element | null) => {
    if (element === null) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined) setWidth(Math.round(entry.contentRect.width));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [follow, width];
}
