import { issue, type Path } from "../issues/issue";
import type { ScaledSum } from "../numbers/scaled-sum";
import { LIMITS } from "../problem/limits";
import { logGrowth, type Accumulation } from "../rates/accumulation";
import { fail, succeed, type Result } from "../result";
import type { Roots } from "./solver";
import { isSameTime } from "../numbers/compare";

/**
 * The dates at which the movable amount balances the rest: a(t) is then the ratio of the two.
 * ln a(t) is linear in each spell, so each spell gives at most one date. If rates are positive in some spells
 * and negative in others, there may be several.
 *
 * @param moving value of the movable amount at its own date
 * @param rest present value of everything else
 * @param path of the unknown date
 */
export function datesThatBalance(
  growth: Accumulation,
  moving: ScaledSum,
  rest: ScaledSum,
  path: Path,
): Result<Roots> {
  const [own, other] = [moving.mantissa, rest.mantissa];
  if (own === 0 || other === 0) return fail(issue("nothing-to-balance", path, {}));
  if (Math.sign(own) === Math.sign(other)) {
    return fail(issue("one-way-money", path, { direction: own > 0 ? "in" : "out" }));
  }
  const wanted = logRatio(Math.abs(own), Math.abs(other)) + (moving.logarithm - rest.logarithm);
  const dates = datesAt(growth, wanted);
  return dates === "any" ? fail(issue("any-date-balances", path, {})) : rootsAt(dates, path);
}

/**
 * Dates as the solutions of a problem. One before today, which is below zero, is a solution where none lies ahead.
 *
 * @param dates in years, ascending
 * @returns fails with `date-never-reached` or `answer-too-far`
 */
export function rootsAt(dates: readonly number[], path: Path): Result<Roots> {
  const near = dates.filter((years) => Math.abs(years) <= LIMITS.years);
  const ahead = near.filter((years) => years >= 0);
  const [first, ...others] = (ahead.length > 0 ? ahead : near).map((years) => ({
    x: years,
    answer: { value: years, unit: "years" as const },
  }));
  if (first !== undefined) {
    return succeed({ roots: [first, ...others], completeness: "closed-form" });
  }
  return fail(
    dates.length > 0
      ? issue("answer-too-far", path, {
          limitYears: LIMITS.years,
          isPast: dates.every((years) => years < 0),
        })
      : issue("date-never-reached", path, {}),
  );
}

/** ln(one/other), without losing the digits of a ratio near 1. */
function logRatio(one: number, other: number): number {
  const excess = (one - other) / other;
  return Math.abs(excess) < 0.5 ? Math.log1p(excess) : Math.log(one) - Math.log(other);
}

/** Every t at which ln a(t) has the required value; the first spell also holds before today. */
function datesAt(growth: Accumulation, wanted: number): number[] | "any" {
  const dates: number[] = [];
  for (const [index, start] of growth.starts.entries()) {
    const force = growth.forces[index] ?? 0;
    const end = growth.starts[index + 1] ?? Number.POSITIVE_INFINITY;
    const reached = logGrowth(growth, 0, start);
    if (force === 0) {
      if (reached === wanted) return "any";
      continue;
    }
    const found = start + (wanted - reached) / force;
    // What comes out at today by the last digit is not before it.
    const years = index === 0 && found < 0 && isSameTime(found, 0) ? 0 : found;
    // A date on the border of two spells belongs to the later one, so it is listed once.
    if ((index === 0 || years >= start) && years < end) dates.push(years);
  }
  return dates;
}
