import { issue, type Path } from "../issues/issue";
import { isSameTime } from "../numbers/compare";
import {
  brokenPeriods,
  forceBetween,
  type Accrual,
  type Accumulation,
} from "../rates/accumulation";
import { fail, type Result } from "../result";
import { rootsAt } from "./dates-that-balance";
import type { Roots } from "./solver";

/**
 * The dates at which a single amount balances the rest at the focal date, where interest is not compound: the time by
 * which it has to be moved has a formula on either side of that date, in each spell.
 *
 * @param own the movable amount, signed
 * @param rest the value of everything else at the focal date, signed
 * @param focal in years
 * @param path of the unknown date
 */
export function datesAtFocal(
  growth: Accumulation,
  own: number,
  rest: number,
  focal: number,
  path: Path,
): Result<Roots> {
  const { accrual } = growth;
  if (accrual === undefined) throw new TypeError("Compound interest has no need of a focal date");
  if (own === 0 || rest === 0) return fail(issue("nothing-to-balance", path, {}));
  if (Math.sign(own) === Math.sign(rest)) {
    return fail(issue("one-way-money", path, { direction: own > 0 ? "in" : "out" }));
  }
  const [amount, wanted] = [Math.abs(own), Math.abs(rest)];
  if (amount === wanted) {
    // With interest it can only stand at the focal date; with none at all it may stand anywhere.
    return growth.forces.every((force) => force === 0)
      ? fail(issue("any-date-balances", path, {}))
      : rootsAt([focal], path);
  }
  const dates = [
    ...datesWith(growth, accrual, (wanted - amount) / amount, focal, -1),
    ...datesWith(growth, accrual, (amount - wanted) / wanted, focal, 1),
  ]
    .map((years) => (years < 0 && isSameTime(years, 0) ? 0 : years))
    .sort((one, other) => one - other);
  return rootsAt(dates, path);
}

/**
 * The dates on one side of the focal date between which and it 1 grows to 1 + `gain`.
 *
 * @param side −1 before the focal date, 1 after it
 */
function datesWith(
  growth: Accumulation,
  accrual: Accrual,
  gain: number,
  focal: number,
  side: 1 | -1,
): number[] {
  if (gain <= -1) return [];
  switch (accrual.kind) {
    case "simple":
      return datesAfter(growth, gain, focal, side);
    case "bank-discount":
      return datesAfter(growth, gain / (1 + gain), focal, side);
    case "simple-fraction": {
      const periods = periodsWith(growth, accrual.frequency, gain);
      return periods === null ? [] : [focal + (side * periods) / accrual.frequency];
    }
  }
}

/** How many periods it takes: whole ones by compound interest, and of the next as much as is left. */
function periodsWith({ forces }: Accumulation, frequency: number, gain: number): number | null {
  const force = (forces[0] ?? 0) / frequency;
  const compound = Math.log1p(gain) / force;
  if (!(compound > 0 && Number.isFinite(compound))) return null;
  const { whole } = brokenPeriods(compound);
  // (1 + gain)/(1 + i)^w − 1, without losing the digits of a small one.
  const left = Math.expm1(Math.log1p(gain) - whole * force);
  return whole + left / Math.expm1(force);
}

/** The dates on one side between which and the focal date so much interest on 1 comes together. */
function datesAfter(growth: Accumulation, interest: number, focal: number, side: 1 | -1): number[] {
  const { starts, forces } = growth;
  return starts.flatMap((own, index): number[] => {
    const start = index === 0 ? Number.NEGATIVE_INFINITY : own;
    const end = starts[index + 1] ?? Number.POSITIVE_INFINITY;
    // The end of the spell that is nearer to the focal date.
    const near = side > 0 ? Math.max(start, focal) : Math.min(end, focal);
    const force = forces[index] ?? 0;
    if (force === 0 || (side > 0 ? near >= end : near <= start)) return [];
    const before = side > 0 ? forceBetween(growth, focal, near) : forceBetween(growth, near, focal);
    const years = near + (side * (interest - before)) / force;
    const isFurther = side > 0 ? years > near || isAtStart(years, near, index) : years < near;
    return isFurther && years >= start && years < end ? [years] : [];
  });
}

/** A date on the border of two spells belongs to the later one, so that it is listed once. */
function isAtStart(years: number, near: number, index: number): boolean {
  return index > 0 && years === near;
}
