import { useEffect, type RefObject } from "react";

/** Smaller than this nobody reads a formula; what is wider still can be moved. */
const SMALLEST_PERCENT = 50;

/** Formulas that are wider than their paper are set smaller, for paper cannot be moved under a window. */
export function useFittedFormulas(place: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const paper = place.current;
    if (paper === null) return;
    let frame = 0;
    const fitSoon = () => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => fitAll(paper));
    };
    // Formulas are set one after another, and anew when the problem changes; the width may change too.
    const settings = new MutationObserver(fitSoon);
    const widths = new ResizeObserver(fitSoon);
    settings.observe(paper, { childList: true, subtree: true });
    widths.observe(paper);
    return () => {
      cancelAnimationFrame(frame);
      settings.disconnect();
      widths.disconnect();
    };
  }, [place]);
}

function fitAll(paper: HTMLElement): void {
  const formulas = [...paper.querySelectorAll<HTMLElement>(".sheet-formula > div")];
  for (const formula of formulas) formula.style.removeProperty("font-size");
  const percents = formulas.map(({ clientWidth, scrollWidth }) =>
    scrollWidth <= clientWidth ? 100 : Math.floor((100 * clientWidth) / scrollWidth),
  );
  formulas.forEach((formula, index) => {
    const percent = percents[index] ?? 100;
    if (percent < 100) formula.style.fontSize = `${Math.max(SMALLEST_PERCENT, percent)}%`;
  });
}
