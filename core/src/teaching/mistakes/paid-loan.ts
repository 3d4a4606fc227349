import { wholeUpTo } from "../../engine/numbers/compare";
import { frequencyOf } from "../../engine/time/duration";
import type { Subject } from "./mistake";
import { onlyStreamOf, singlesAt, sizeOf } from "./parts-at-dates";

/** A loan and its equal payments, as their figures are found. */
export interface PaidLoan {
  readonly loan: number;
  readonly payment: number;
  readonly count: number;
  readonly perYear: number;
  /** In years from today. */
  readonly begins: number;
  /** What is paid in the end beside the payments. */
  readonly final: number;
  /** How many payments have been made by a date, in years. */
  readonly madeBy: (years: number) => number;
}

/** @returns `null` for a problem that is no loan, or none with equal payments */
export function paidLoanOf({ problem, solution }: Subject): PaidLoan | null {
  const only = onlyStreamOf(problem);
  if (only === null || only.flow.growth !== undefined) return null;
  const { begins, ends, count, flow } = only;
  const [start] = singlesAt(problem, begins);
  if (start === undefined || start.flow.direction === flow.direction) return null;
  const perYear = frequencyOf(flow.every);
  const first = flow.timing === "end" ? 0 : 1;
  return {
    loan: sizeOf(solution, start.index),
    payment: sizeOf(solution, only.index),
    ...{ count, perYear, begins },
    final: singlesAt(problem, ends).reduce(
      (total, { index }) => total + sizeOf(solution, index),
      0,
    ),
    madeBy: (years) => Math.max(0, Math.min(count, wholeUpTo((years - begins) * perYear) + first)),
  };
}
