import { runsOf } from "../flows/flow-kinds";
import { smallest } from "../numbers/extremes";
import { valueAt } from "../numbers/affine";
import type { FollowUp, KnownPosition, Problem } from "../problem/schema";
import { NO_GROWTH } from "../rates/accumulation";
import { resolvePosition } from "../timeline/positions";
import type { Account } from "./account";
import { totalsOf, worthOfPaid } from "./totals";
import { worthAt } from "./worth";

/**
 * Answers the follow-up questions of a problem from the account of its money.
 *
 * - `value`: the value of all flows at a date, signed (in is positive)
 * - `balance`: the balance just after the flows of a date, by the retrospective method; positive in the
 *   direction of the first flow, so an overpaid loan is negative
 * - `interest`: the interest after one date and up to another
 * - `principal`: the reduction of the balance over the same span
 * - `total`: the plain sum of one flow, or of all money in or out
 *
 * @returns one number for each question; `null` if it has no finite answer
 */
export function answerFollowUps(problem: Problem, account: Account): (number | null)[] {
  const side = openingSide(account.flows);
  return (problem.also ?? []).map((question) => {
    const value = answer(question, problem, account, side);
    return Number.isFinite(value) ? value : null;
  });
}

/** The sign of the money that moves first: a loan begins with money in, savings with money out. */
export function openingSide(flows: Account["flows"]): 1 | -1 {
  const runs = flows.flatMap(runsOf).filter(({ amount, step }) => amount !== 0 || step !== 0);
  const first = smallest(runs.map((run) => run.first));
  return worthOfPaid(flows, NO_GROWTH, first, first) < 0 ? -1 : 1;
}

function answer(question: FollowUp, problem: Problem, account: Account, side: number): number {
  const { flows, growth, x } = account;
  const yearsAt = (position: KnownPosition) => valueAt(resolvePosition(problem, position), x);
  const balanceAt = (years: number) => side * worthOfPaid(flows, growth, years, years);
  switch (question.find) {
    case "total": {
      if (question.of === "in" || question.of === "out") return totalsOf(flows)[question.of];
      const own = totalsOf(flows.filter(({ id }) => id === question.of));
      return Math.abs(own.in - own.out);
    }
    case "value":
      return worthAt(flows, growth, yearsAt(question.at)).value;
    case "balance":
      return balanceAt(yearsAt(question.at));
    case "interest":
    case "principal": {
      const [from, to] = [yearsAt(question.from), yearsAt(question.to)];
      const fallen = balanceAt(from) - balanceAt(to);
      if (question.find === "principal") return fallen;
      const movedBy = (years: number) => worthOfPaid(flows, NO_GROWTH, years, 0);
      return -fallen - side * (movedBy(to) - movedBy(from));
    }
  }
}
