import { issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { frequencyOf } from "../time/duration";
import type { Unknown } from "../problem/unknown";
import { fail, succeed, type Result } from "../result";
import type { Account } from "../solve/account";
import { accountFor } from "../solve/solve";
import { withLevelPayment } from "./level-payment";
import { planOf } from "./plan";
import { runPlan } from "./run-plan";
import type { Schedule, ScheduleOptions } from "./schedule-types";

/** Rows and other amounts beyond this make no schedule. */
export const LONGEST_SCHEDULE = 100_000;

/**
 * The account of a stream, payment by payment, against everything else in its problem: what a loan's
 * balance, interest and principal are, or what savings have grown to.
 *
 * Each period's interest is what the balance earns from one payment to the next under the rate spells.
 * Other amounts join the balance on their dates. Where the problem balances, the last payment brings the
 * balance to just what later amounts are worth: zero, or a residual. With `extra` a payment that can
 * clear the balance earlier does so, and is the last.
 *
 * In cents the payment and the interest of each period are rounded half away from zero, and the last
 * payment makes up for the roundings.
 *
 * @param problem one that `readProblem` has passed; its unknown is found first
 * @param options see `ScheduleOptions`; the flow must be a stream
 * @param longest how many payments and other amounts there may be
 * @returns money in the problem's currency, times in years; fails as `solve` does, or with
 *   `schedule-without-stream`, `schedule-endless`, `schedule-too-long`
 * Accuracy: cents are exact; unrounded balances relative 1e-12.
 */
export function schedule(
  problem: Problem,
  options: ScheduleOptions,
  longest = LONGEST_SCHEDULE,
): Result<Schedule> {
  const index = problem.flows.findIndex(({ id }) => id === options.flow);
  const flow = problem.flows[index];
  if (flow?.kind !== "stream") {
    return fail(issue("schedule-without-stream", ["flow"], { id: options.flow }));
  }
  const solved = accountFor(problem);
  if (!solved.ok) return solved;
  const { account, unknown } = solved.value;
  if (account.flows.some((other) => other.kind === "stream" && other.count === Infinity)) {
    return fail(issue("schedule-endless", [], {}));
  }
  if (sizeOf(account) > longest) {
    return fail(issue("schedule-too-long", [], { limit: longest }));
  }
  const plan = planOf(account, options, frequencyOf(flow.every), unknown.kind !== "value");
  return succeed(runPlan(isPaymentOf(unknown, index) ? withLevelPayment(plan) : plan));
}

function sizeOf({ flows }: Account): number {
  return flows.reduce((size, flow) => size + (flow.kind === "stream" ? flow.count : 1), 0);
}

/** Whether the unknown is the payment itself, which may then follow from the options too. */
function isPaymentOf({ kind, path }: Unknown, index: number): boolean {
  return kind === "amount" && path[1] === index && path[2] === "amount";
}
