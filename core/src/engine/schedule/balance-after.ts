import { ScaledSum } from "../numbers/scaled-sum";
import { runsOf } from "../flows/flow-kinds";
import { addWorthOfRun, paymentsUpTo } from "../flows/payment-run";
import { paymentTime } from "../flows/payment-times";
import { sliceRun } from "../flows/slice-run";
import { issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { openingSide } from "../solve/follow-ups";
import { accountFor } from "../solve/solve";
import { worthOfPaid } from "../solve/totals";

/** A balance got in two ways, which agree where the problem balances. */
export interface BalanceAfter {
  /** What has been paid so far has grown to. */
  readonly lookingBack: number;
  /** What is still to be paid is worth. */
  readonly lookingForward: number;
}

/**
 * The balance just after a payment, by the retrospective and by the prospective method, both in closed
 * form.
 *
 * @param problem one that `readProblem` has passed
 * @param flowId a stream of it
 * @param payment its number, from 1; 0 for just after what is there when the stream begins
 * @returns above zero on the side on which the story began; fails as `schedule` does
 * Accuracy: relative 1e-12 of the largest amount.
 * Source: Kellison, ch. 5 (outstanding balance)
 */
export function balanceAfter(
  problem: Problem,
  flowId: string,
  payment: number,
): Result<BalanceAfter> {
  const solved = accountFor(problem);
  if (!solved.ok) return solved;
  const { flows, growth } = solved.value.account;
  const stream = flows.find(({ id }) => id === flowId);
  if (stream?.kind !== "stream") {
    return fail(issue("schedule-without-stream", ["flow"], { id: flowId }));
  }
  const at = payment === 0 ? stream.begins : paymentTime(stream, payment - 1);
  const side = openingSide(flows);
  const ahead = new ScaledSum();
  for (const run of flows.flatMap(runsOf)) {
    const paid = Math.min(run.count, paymentsUpTo(run, at));
    for (const rest of sliceRun(run, paid, run.count)) addWorthOfRun(rest, growth, at, ahead);
  }
  return succeed({
    lookingBack: side * worthOfPaid(flows, growth, at, at),
    lookingForward: -side * ahead.value,
  });
}
