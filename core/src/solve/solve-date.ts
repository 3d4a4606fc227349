import { issue, type Path } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import { logGrowth, type Accumulation } from "../rates/accumulation";
import { fail, succeed, type Result } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { Roots, Solver } from "./solver";
import { checkConvergence, worthAt } from "./worth";

/**
 * The dates at which a single amount balances the rest: where a(t) has become the amount over what
 * the rest is worth today. ln a(t) is a straight line in each spell, so each spell gives one date or
 * none, and with rates above and below zero there may be several.
 */
export const solveDate: Solver = ({ timeline, unknown }) => {
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return growth;
  const index = Number(unknown.path[1]);
  const flows = settleFlows(timeline.flows, 0);
  const own = flows[index];
  if (own?.kind !== "single") throw new TypeError("The unknown date has no amount");
  const others = flows.filter((flow) => flow !== own);
  const converges = checkConvergence(others, growth.value);
  if (!converges.ok) return converges;
  const rest = worthAt(others, growth.value, 0);
  if (own.amount === 0 || rest.mantissa === 0) {
    return fail(issue("nothing-to-balance", unknown.path, {}));
  }
  if (Math.sign(own.amount) === Math.sign(rest.mantissa)) {
    const direction = own.amount > 0 ? "in" : "out";
    return fail(issue("one-way-money", unknown.path, { direction, turn: own.id }));
  }
  const wanted = logRatio(Math.abs(own.amount), Math.abs(rest.mantissa)) - rest.logarithm;
  return datesAnswer(growth.value, wanted, unknown.path);
};

/**
 * The dates at which ln a(t) has the wanted value, as an answer, or why there are none.
 *
 * @param wanted logarithm of what 1 at time 0 must have become
 */
export function datesAnswer(growth: Accumulation, wanted: number, path: Path): Result<Roots> {
  const dates = datesAt(growth, wanted);
  if (dates === "any") return fail(issue("any-date-balances", path, {}));
  const [first, ...others] = dates
    .filter((years) => years <= LIMITS.years)
    .map((years) => ({ x: years, answer: { value: years, unit: "years" as const } }));
  if (first !== undefined) {
    return succeed({ roots: [first, ...others], completeness: "closed-form" });
  }
  if (dates.length > 0) return fail(issue("answer-too-far", path, { limitYears: LIMITS.years }));
  const years = wanted / (growth.forces[0] ?? 0);
  return fail(
    years < 0 && years > -LONGEST_AGO
      ? issue("date-before-today", path, { years: -years })
      : issue("date-never-reached", path, {}),
  );
}

/** Years beyond this are no time at which anything was reached. */
const LONGEST_AGO = 1e6;

/** ln(one/other), without losing the digits of a ratio near 1. */
export function logRatio(one: number, other: number): number {
  const excess = (one - other) / other;
  return Math.abs(excess) < 0.5 ? Math.log1p(excess) : Math.log(one) - Math.log(other);
}

/** Every t of zero or more at which ln a(t) has the wanted value. */
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
    const years = start + (wanted - reached) / force;
    // A date on the border of two spells belongs to the later one, so that it is told once.
    if (years >= start && years < end) dates.push(years);
  }
  return dates;
}
