import { type LoanOffer, type SolvedProblem, isUpTo } from "@kestrelmoor/core";
import type { ScheduleAccount } from "../schedule/account-of";

/** The loan of the problem as other offers are told against it: its first rate, and what it leaves to the end. */
export function baseOffer(
  { problem, settled }: SolvedProblem,
  flow: string,
  { schedule, run, every }: ScheduleAccount,
): LoanOffer | null {
  const stream = problem.flows.find(({ id }) => id === flow);
  const [spell] = settled.spells;
  const [first] = schedule.rows;
  const last = schedule.rows.at(-1);
  if (stream?.kind !== "stream" || spell === undefined || !first || !last) return null;
  const residual = run.plan.others.reduce(
    (sum, { amount, time }) => (amount < 0 && isUpTo(last.time, time) ? sum - amount : sum),
    0,
  );
  return {
    amount: schedule.before?.other ?? first.opening,
    percent: spell.percent,
    quotation: spell.quotation,
    every,
    count: schedule.paymentsMade,
    timing: stream.timing,
    fee: 0,
    residual,
  };
}
