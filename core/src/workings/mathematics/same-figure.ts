import type { Quantity } from "./expression";
import { plainHand, letterIn } from "./hands";

/** Whether quantities of two sheets are the same: the same letter, and the same value apart from rounding. */
export function isSameFigure(one: Quantity, other: Quantity): boolean {
  const isClose = Math.abs(one.value - other.value) <= 1e-11 * Math.abs(other.value);
  return (
    isClose &&
    one.letter !== null &&
    other.letter !== null &&
    one.kind === other.kind &&
    letterIn(one.letter, plainHand) === letterIn(other.letter, plainHand)
  );
}
