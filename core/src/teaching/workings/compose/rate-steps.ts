import { STEP_WORDS } from "../../../wording/teaching/step-words";
import type { Quantity } from "../mathematics/expression";
import { step } from "../steps";
import { askedLine, lineOf, type Sheet } from "./sheet";

const WORDS = STEP_WORDS.conversions;

/** Keeps the step that works a rate out; by its formula alone while it depends on the unknown. */
export function convertedRate(sheet: Sheet, quantity: Quantity, say: string): Quantity {
  const line = lineOf(quantity);
  sheet.convert(
    "rate",
    quantity.isOpen
      ? step("rate-per-period", "short", say, { parts: line.parts.slice(0, 2) })
      : { ...step("rate-per-period", "short", say, line), value: quantity.value },
  );
  return quantity;
}

/** Keeps the step that asks for the rate per period, which is found before the quoted one. */
export function soughtRate(sheet: Sheet, quantity: Quantity, noun: string): Quantity {
  sheet.convert(
    "rate",
    step("rate-per-period", "short", WORDS.sought(noun), askedLine(quantity, WORDS.ratePer(noun))),
  );
  return quantity;
}
