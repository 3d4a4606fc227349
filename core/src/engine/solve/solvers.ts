import type { UnknownKind } from "../fields/figure";
import type { Result } from "../result";
import { solveCount } from "./count/solve-count";
import { solveRate } from "./rate/solve-rate";
import { solveAmount } from "./solve-amount";
import { solveBegins } from "./solve-begins";
import { solveDate } from "./solve-date";
import { solveGrowth } from "./solve-growth";
import { solveValue } from "./solve-value";
import type { Question, Roots, Solver } from "./solver";

/** The one place that lists the kinds of unknown. */
const solvers: { readonly [Kind in UnknownKind]: Solver<Kind> } = {
  amount: solveAmount,
  percent: solveRate,
  growth: solveGrowth,
  count: solveCount,
  at: solveDate,
  begins: solveBegins,
  value: solveValue,
};

/** Finds every solution of a question, by the solver of what is unknown in it. */
export function findRootsOf(question: Question): Result<Roots> {
  // The type checker cannot see that a question and the solver of its own kind belong together.
  return (solvers[question.unknown.kind] as Solver<UnknownKind>)(question);
}
