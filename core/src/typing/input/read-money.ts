import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import { evaluateArithmetic } from "./arithmetic";
import { remembered } from "./remembered";

const CURRENCY_CODE = /^[A-Z]{3}(?=[\s\d])|(?<=[\s\d])[A-Z]{3}$/g;

/** Currencies as words or letters before or behind a figure; they name no real one more than another. */
const CURRENCY_BEFORE = /^(?:[A-Z]{1,2}(?=\p{Sc})|(?:R|Rs|kr|Fr)\.?(?=\s?\d))/u;
const CURRENCY_BEHIND =
  /(?<=[\d.kmn)]\s?)(?:dollars?|euros?|pounds?|rand|rupees?|yen|yuan|francs?|kron(?:e|er|or|a)|crowns?|pesos?|reais|naira|shillings?)(?: sterling)?$/i;

/** A text without the currency that it names. */
export function withoutCurrency(typed: string): string {
  return typed
    .trim()
    .replace(CURRENCY_CODE, "")
    .replace(CURRENCY_BEFORE, "")
    .replace(CURRENCY_BEHIND, "")
    .replace(/\p{Sc}/gu, "")
    .trim();
}

/**
 * Reads an amount of money as people type it: `4,500`, `$4,500.25`, `4,500 euros`, `R4,500`, `12k`, `1.2m`, `15*12`,
 * `30% of 900`.
 *
 * @returns zero or more, unrounded. Fails with `money-missing` for nothing, `money-with-sign` below
 *   zero (direction is a word here, never a sign), `money-too-large`, and the issues of
 *   `evaluateArithmetic`
 */
export const readMoney = remembered(moneyIn);

function moneyIn(typed: string): Result<number> {
  const text = withoutCurrency(typed);
  if (text === "") {
    return typed.trim() === ""
      ? fail(issue("money-missing", [], {}))
      : fail(issue("money-not-understood", [], { typed, at: typed.trim() }));
  }
  const worked = evaluateArithmetic(text);
  if (!worked.ok) return worked;
  const amount = worked.value;
  if (amount < 0) return fail(issue("money-with-sign", [], { typed: typed.trim() }));
  if (amount > LIMITS.amount) return fail(issue("money-too-large", [], { limit: LIMITS.amount }));
  return succeed(amount);
}
