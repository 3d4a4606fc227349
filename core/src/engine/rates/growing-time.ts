import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";

/** How long money takes to become some times itself. */
export interface GrowingTime {
  readonly years: number;
  /** Rules of thumb for doubling: a figure over the rate in percent. Left out for other multiples. */
  readonly rules: readonly { readonly figure: number; readonly years: number }[];
}

/** 72 has many divisors and fits rates about 8%; 70 fits about 2%; 69.3, which is 100·ln 2, fits the smallest. */
const RULES = [72, 70, 69.3] as const;

/**
 * The time in which money multiplies.
 *
 * @param percent effective percent a year, above −100 and not 0
 * @param times what it becomes times itself, above 0 and not 1
 * @returns years; fails with `growth-undefined` where it never does
 * Accuracy: relative 1e-14.
 */
export function growingTime(percent: number, times: number): Result<GrowingTime> {
  const years = Math.log(times) / Math.log1p(percent / 100);
  if (!(times > 0 && percent > -100 && years > 0 && Number.isFinite(years))) {
    return fail(issue("never-multiplies", [], { percent, times }));
  }
  const rules =
    times === 2 && percent > 0 ? RULES.map((figure) => ({ figure, years: figure / percent })) : [];
  return succeed({ years, rules });
}
