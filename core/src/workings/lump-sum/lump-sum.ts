import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { ownSingle, singlesOf, type SettledSingle } from "../singles";
import { spellPeriod, type SpellPeriod } from "../spell-period";

/** The textbook case: one amount now, one later, one rate between them. */
export interface LumpSum {
  readonly present: SettledSingle;
  readonly future: SettledSingle;
  readonly period: SpellPeriod;
  /** Time between the two, in years and in compounding periods. */
  readonly years: number;
  readonly count: number;
  readonly unknown: "present" | "future" | "rate" | "time";
}

/** Recognises the textbook case in a solved problem; `null` where the general equation is needed. */
export function lumpSumOf(problem: Problem, solution: Solution): LumpSum | null {
  const { spells } = solution.settled;
  const flows = singlesOf(solution);
  const [one, other] = flows;
  const [spell] = spells;
  if (one === undefined || other === undefined || flows.length !== 2) return null;
  if (spell === undefined || spells.length !== 1 || one.at === other.at) return null;
  if (refersToOther(problem) || solution.unknown.kind === "value") return null;
  const [present, future] = one.at < other.at ? [one, other] : [other, one];
  const period = spellPeriod(spell, null);
  const years = future.at - present.at;
  return {
    present,
    future,
    period,
    years,
    count: Number((years * period.periodsPerYear).toPrecision(14)),
    unknown: unknownOf(solution, present),
  };
}

/** An amount that is said by another is not one of two independent facts. */
function refersToOther(problem: Problem): boolean {
  return problem.flows.some(
    (flow) => flow.kind !== "single" || (flow.amount !== null && typeof flow.amount === "object"),
  );
}

function unknownOf(solution: Solution, present: SettledSingle): LumpSum["unknown"] {
  const { kind } = solution.unknown;
  if (kind === "percent") return "rate";
  if (kind === "at") return "time";
  return ownSingle(solution) === present ? "present" : "future";
}
