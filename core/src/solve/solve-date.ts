import { worthOf } from "../flows/flow-kinds";
import { issue, type Issue, type Path } from "../issues/issue";
import { sum } from "../numbers/sum";
import { LIMITS } from "../problem/limits";
import type { Accumulation } from "../rates/accumulation";
import { fail, succeed } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Root, Solver } from "./solver";

/**
 * The dates at which a single amount balances the rest: where a(t) has become the amount over what
 * the rest is worth today. ln a(t) is a straight line in each spell, so each spell gives one date or
 * none, and with rates above and below zero there may be several.
 */
export const solveDate: Solver = ({ timeline, unknown }) => {
  const growth = accumulationOf(timeline);
  if (!growth.ok) return growth;
  const index = Number(unknown.path[1]);
  const own = timeline.flows[index];
  if (own === undefined) throw new TypeError("The unknown date has no line");
  const rest = timeline.flows.filter((flow) => flow !== own);
  const restToday = sum(rest.map((flow) => worthOf(flow, growth.value, 0).known));
  const amount = own.amount.known;
  if (amount === 0 || restToday === 0) return fail(issue("nothing-to-balance", unknown.path, {}));
  if (!Number.isFinite(restToday)) return fail(issue("answer-too-large", unknown.path, {}));
  if (Math.sign(amount) === Math.sign(restToday)) {
    const direction = amount > 0 ? "in" : "out";
    return fail(issue("one-way-money", unknown.path, { direction, turn: own.id }));
  }
  const wanted = logRatio(Math.abs(amount), Math.abs(restToday));
  const dates = datesAt(growth.value, wanted);
  if (dates === "any") return fail(issue("any-date-balances", unknown.path, {}));
  const [first, ...others] = dates.filter((years) => years <= LIMITS.years);
  if (first === undefined) {
    return fail(whyNone(growth.value, wanted, dates, unknown.path));
  }
  return succeed([rootAt(first), ...others.map(rootAt)]);
};

function rootAt(years: number): Root {
  return { x: years, answer: { value: years, unit: "years" } };
}

/** ln(one/other), without losing the digits of a ratio near 1. */
function logRatio(one: number, other: number): number {
  const excess = (one - other) / other;
  return Math.abs(excess) < 0.5 ? Math.log1p(excess) : Math.log(one) - Math.log(other);
}

/** Every t of zero or more at which ln a(t) has the wanted value. */
function datesAt(growth: Accumulation, wanted: number): number[] | "any" {
  const dates: number[] = [];
  let reached = 0;
  for (const [index, start] of growth.starts.entries()) {
    const force = growth.forces[index] ?? 0;
    const end = growth.starts[index + 1] ?? Number.POSITIVE_INFINITY;
    if (force === 0) {
      if (reached === wanted) return "any";
      continue;
    }
    const years = start + (wanted - reached) / force;
    // A date on the border of two spells belongs to the later one, so that it is told once.
    if (years >= start && years < end) dates.push(years);
    reached += force * (end - start);
  }
  return dates;
}

function whyNone(
  growth: Accumulation,
  wanted: number,
  dates: readonly number[],
  path: Path,
): Issue {
  if (dates.length > 0) return issue("answer-too-far", path, { limitYears: LIMITS.years });
  const [force = 0] = growth.forces;
  const years = wanted / force;
  return Number.isFinite(years) && years < 0
    ? issue("date-before-today", path, { years: -years })
    : issue("date-never-reached", path, {});
}
