import type { PaymentRun } from "../../flows/payment-run";
import type { SettledFlow } from "../../flows/flow-kind";
import { runsOf } from "../../flows/flow-kinds";
import { issue, type Issue } from "../../issues/issue";
import { partsOfOneSign } from "./directions";
import { paymentInRun } from "../../flows/payment-run";
import { balanceUnder } from "./rate-equation";

/**
 * Why no rate can balance a timeline.
 *
 * @param runs the balance as a function of the unknown rate
 * @param flows the flows themselves
 */
export function whyNoRate(runs: readonly PaymentRun[], flows: readonly SettledFlow[]): Issue {
  const signs = new Set(flows.flatMap(runsOf).flatMap(signsOf));
  if (signs.size === 1) {
    return issue("one-way-money", [], { direction: signs.has(1) ? "in" : "out" });
  }
  const dates = new Set(runs.map(({ first }) => first.toFixed(9)));
  const isOneDate = dates.size <= 1 && runs.every(({ count }) => count <= 1);
  if (!isOneDate) return issue("no-rate-balances", [], {});
  return balanceUnder(runs, 0) === 0
    ? issue("every-rate-balances", [], {})
    : issue("rate-has-no-effect", [], {});
}

/** The signs of the payments of a run. */
export function signsOf(run: PaymentRun): number[] {
  return partsOfOneSign(run).map((part) => Math.sign(paymentInRun(part, 0)));
}
