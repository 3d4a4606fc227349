import { useCallback, useState, type ReactNode } from "react";
import { digitsAcross, RowWidth } from "./row-width";

interface ScrollableFormulasProps {
  readonly className: string | undefined;
  readonly children: ReactNode;
}

/**
 * A place for formulas. They break at their equals signs where it is narrow; where even a part of one is wider, the
 * keyboard can scroll them.
 */
export function ScrollableFormulas({ className, children }: ScrollableFormulasProps) {
  const [isTooWide, setTooWide] = useState(false);
  const [width, setWidth] = useState<number | null>(null);
  const watch = useCallback((element: HTMLDivElement | null) => {
    if (element === null) return undefined;
    const measure = () => {
      setWidth(digitsAcross(element));
      setTooWide(element.scrollWidth > element.clientWidth + 1);
    };
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    for (const child of element.children) observer.observe(child);
    return () => observer.disconnect();
  }, []);
  return (
    <RowWidth value={width}>
      <div
        ref={watch}
        className={className}
        {...(isTooWide
          ? { tabIndex: 0, role: "group", "aria-label": "Formulas, scrolled sideways" }
          : {})}
      >
        {children}
      </div>
    </RowWidth>
  );
}
