import { useCallback, useState, type ReactNode } from "react";

interface ScrollableFormulasProps {
  readonly className: string | undefined;
  readonly children: ReactNode;
}

/** Formulas do not break like words. Where they are wider than their place, the keyboard can scroll them. */
export function ScrollableFormulas({ className, children }: ScrollableFormulasProps) {
  const [isTooWide, setTooWide] = useState(false);
  const watch = useCallback((element: HTMLDivElement | null) => {
    if (element === null) return undefined;
    const measure = () => setTooWide(element.scrollWidth > element.clientWidth + 1);
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    for (const child of element.children) observer.observe(child);
    return () => observer.disconnect();
  }, []);
  return (
    <div
      ref={watch}
      className={className}
      {...(isTooWide
        ? { tabIndex: 0, role: "group", "aria-label": "Formulas, scrolled sideways" }
        : {})}
    >
      {children}
    </div>
  );
}
