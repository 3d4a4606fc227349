import { createContext, useContext } from "react";

/** How many digits fit into a row of formulas; `null` until it has been measured. */
export const RowWidth = createContext<number | null>(null);

export function useRowWidth(): number | null {
  return useContext(RowWidth);
}

/** A digit of a typeset formula, as a part of its place's type size: KaTeX sets its type a tenth larger here. */
const DIGIT = 0.55;

/** Widths are told in steps, so that a window that is drawn wider does not set every formula again. */
const STEP = 3;

/** The digits that fit into an element. */
export function digitsAcross(element: HTMLElement): number {
  const size = Number.parseFloat(getComputedStyle(element).fontSize);
  return STEP * Math.floor(element.clientWidth / (size * DIGIT * STEP));
}
