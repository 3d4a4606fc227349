import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";

/**
 * The compound annual growth between two values: the effective yearly rate that carries the first to the
 * second.
 *
 * @param from above zero
 * @param to above zero
 * @param years between the two, above zero
 * @returns percent a year; fails with `growth-undefined` where one of them is not above zero
 * Accuracy: relative 1e-15, also where the two values are close.
 */
export function compoundGrowth(from: number, to: number, years: number): Result<number> {
  if (!(from > 0 && to > 0 && years > 0)) return fail(issue("growth-undefined", [], {}));
  const logGrowth =
    Math.abs(to - from) < from / 2 ? Math.log1p((to - from) / from) : Math.log(to / from);
  const percent = Math.expm1(logGrowth / years) * 100;
  return Number.isFinite(percent) ? succeed(percent) : fail(issue("answer-too-large", [], {}));
}
