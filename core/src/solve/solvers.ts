import type { Unknown } from "../problem/unknown";
import { solveCount } from "./count/solve-count";
import { solveRate } from "./rate/solve-rate";
import { solveAmount } from "./solve-amount";
import { solveBegins } from "./solve-begins";
import { solveDate } from "./solve-date";
import { solveGrowth } from "./solve-growth";
import { solveValue } from "./solve-value";
import type { Solver } from "./solver";

/** The one place that lists the kinds of unknown. */
export const solvers: Readonly<Record<Unknown["kind"], Solver>> = {
  amount: solveAmount,
  percent: solveRate,
  growth: solveGrowth,
  count: solveCount,
  at: solveDate,
  begins: solveBegins,
  value: solveValue,
};
