import { readProblem } from "../../problem/problem-file";
import type { Quotation } from "../../rates/quotation";
import type { Result } from "../../result";
import { runSchedule, type ScheduleRun } from "../schedule";
import type { ScheduleOptions } from "../schedule-types";

/** A loan as a lender offers it: one amount, one rate, level payments. */
export interface LoanOffer {
  readonly amount: number;
  readonly percent: number;
  readonly quotation: Quotation;
  /** Time between two payments, ISO 8601. */
  readonly every: string;
  readonly count: number;
  readonly timing: "end" | "start";
  /** Paid on the first day, beside the loan. */
  readonly fee: number;
  /** Left to the end, to be paid in one sum. */
  readonly residual: number;
}

/**
 * The schedule of an offer, with the payment that it needs.
 *
 * @returns fails as `schedule` does, and where the offer is no sound problem
 */
export function runOffer(
  offer: LoanOffer,
  rounding: ScheduleOptions["rounding"],
): Result<ScheduleRun> {
  const { amount, percent, quotation, every, count, timing, fee, residual } = offer;
  const direction = "out";
  const problem = readProblem({
    format: "kestrelmoor-problem",
    version: 2,
    rates: [{ percent, ...quotation }],
    flows: [
      { id: "loan", kind: "single", direction: "in", amount, at: "P0D" },
      {
        ...{ id: REPAYMENTS, kind: "stream", direction, amount: null },
        ...{ every, count, timing, begins: "P0D" },
      },
      ...(residual === 0
        ? []
        : [
            {
              id: "residual",
              kind: "single",
              direction,
              amount: residual,
              at: { endOf: REPAYMENTS },
            },
          ]),
    ],
  });
  if (!problem.ok) return problem;
  return runSchedule(problem.value, {
    flow: REPAYMENTS,
    rounding,
    changes: fee === 0 ? [] : [{ kind: "fee", amount: fee, isAdded: false }],
  });
}

const REPAYMENTS = "repayments";
