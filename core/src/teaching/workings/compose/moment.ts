import type { Quantity } from "../mathematics/expression";

/** A date, and whether it depends on the unknown. */
export interface Moment {
  readonly years: number;
  readonly isOpen: boolean;
  /** How it depends on it: a number of years, plus a number for each 1 of the unknown. */
  readonly said?: {
    readonly known: number;
    readonly perUnknown: number;
    readonly unknown: Quantity;
  };
}

export function fixedAt(years: number): Moment {
  return { years, isOpen: false };
}
