import { issue } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import { fail, succeed, type Result } from "../result";
import { evaluateArithmetic } from "./arithmetic";

const CURRENCY_CODE = /^[A-Z]{3}(?=[\s\d])|(?<=[\s\d])[A-Z]{3}$/g;

/**
 * Reads an amount of money as people type it: `4,500`, `$4,500.25`, `12k`, `1.2m`, `15*12`,
 * `30% of 900`.
 *
 * @returns zero or more, unrounded. Fails with `money-missing` for nothing, `money-with-sign` below
 *   zero (direction is a word here, never a sign), `money-too-large`, and the issues of
 *   `evaluateArithmetic`
 */
export function readMoney(typed: string): Result<number> {
  const text = typed
    .trim()
    .replace(CURRENCY_CODE, "")
    .replace(/\p{Sc}/gu, "")
    .trim();
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
