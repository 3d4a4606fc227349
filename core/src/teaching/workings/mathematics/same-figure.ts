import type { Quantity } from "./expression";
import { plainHand, letterIn } from "./hands";
import { PART_BETWEEN, isClose } from "../../../engine/numbers/compare";

/** Whether quantities of two sheets are the same: the same letter, and the same value apart from rounding. */
export function isSameFigure(one: Quantity, other: Quantity): boolean {
  return (
    isClose(one.value, other.value, PART_BETWEEN.steps) &&
    one.letter !== null &&
    other.letter !== null &&
    one.kind === other.kind &&
    letterIn(one.letter, plainHand) === letterIn(other.letter, plainHand)
  );
}
