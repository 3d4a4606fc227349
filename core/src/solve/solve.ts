import { issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { findUnknown, type Unknown } from "../problem/unknown";
import { fail, succeed, type Result } from "../result";
import { resolveTimeline } from "../timeline/resolve-timeline";
import { answerFollowUps } from "./follow-ups";
import { factsOf, settle } from "./settle";
import type { Solution } from "./solution";
import { solveAmount } from "./solve-amount";
import { solveDate } from "./solve-date";
import { solveRate } from "./solve-rate";
import { solveValue } from "./solve-value";
import type { Solver } from "./solver";

const solvers: Readonly<Record<Unknown["kind"], Solver>> = {
  amount: solveAmount,
  percent: solveRate,
  at: solveDate,
  value: solveValue,
  growth: notYet("growth"),
  count: notYet("count"),
  begins: notYet("begins"),
};

function notYet(what: "growth" | "count" | "begins"): Solver {
  return ({ unknown }) => fail(issue("not-solved-yet", unknown.path, { what }));
}

/**
 * Finds the one unknown of a problem: what makes Σ amount/a(t) = 0, or the worth it asks for.
 *
 * @param problem one that `readProblem` has passed
 * @returns every solution, the follow-ups, and the settled timeline; or the issues that say why there
 *   is none: `unknown-missing`, `unknown-several`, `unknown-beside-ask`, `rate-too-low`,
 *   `one-way-money`, `no-rate-balances`, `rate-has-no-effect`, `every-rate-balances`,
 *   `rate-search-too-large`, `rates-too-entangled`, `unknown-cancels`, `nothing-to-balance`,
 *   `any-date-balances`, `date-before-today`, `date-never-reached`, `answer-too-large`,
 *   `answer-too-far`, `not-solved-yet`
 * Accuracy: relative 1e-12 against 30-digit references; see the solver of each unknown.
 * Source: Kellison, The Theory of Interest, ch. 2 (equation of value)
 */
export function solve(problem: Problem): Result<Solution> {
  const unknown = findUnknown(problem);
  if (!unknown.ok) return unknown;
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) return timeline;
  const roots = solvers[unknown.value.kind]({
    problem,
    timeline: timeline.value,
    unknown: unknown.value,
  });
  if (!roots.ok) return roots;
  const [first, ...others] = roots.value;
  const settled = settle(timeline.value, unknown.value, first.x);
  if (!settled.ok) return settled;
  return succeed({
    unknown: unknown.value,
    answers: [first.answer, ...others.map(({ answer }) => answer)],
    also: answerFollowUps(problem.also ?? [], settled.value),
    facts: factsOf(settled.value, unknown.value.kind !== "value"),
    settled: settled.value,
  });
}
