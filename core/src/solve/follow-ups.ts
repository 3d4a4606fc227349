import { sum } from "../numbers/sum";
import type { FollowUp, KnownPosition } from "../problem/schema";
import { growthFactor, type Accumulation } from "../rates/accumulation";
import { yearsOf } from "../time/duration";
import { growthOf } from "./settle";
import type { SettledTimeline } from "./solution";

/**
 * Answers the follow-up questions of a problem from its settled timeline.
 *
 * - `value`: what everything is worth at a date, signed (in is positive)
 * - `balance`: what is still owed or still there just after the flows of a date, looking back;
 *   positive on the side on which the story began, so that an overpaid loan is below zero
 * - `interest`: what the balance grew by itself after one date and up to another
 * - `principal`: what the balance fell by over the same span
 * - `total`: the sum of one flow, or of all money in or out, without regard to time
 *
 * @returns one number for each question, `null` where it has no finite answer
 */
export function answerFollowUps(
  questions: readonly FollowUp[],
  settled: SettledTimeline,
): (number | null)[] {
  const account = { settled, growth: growthOf(settled), side: sideOf(settled) };
  return questions.map((question) => {
    const value = answer(question, account);
    return value !== null && Number.isFinite(value) ? value : null;
  });
}

interface Account {
  readonly settled: SettledTimeline;
  readonly growth: Accumulation;
  readonly side: number;
}

/** The sign of the money that moves first: a loan begins with money in, savings with money out. */
function sideOf({ flows }: SettledTimeline): number {
  const first = Math.min(...flows.filter(({ amount }) => amount !== 0).map(({ at }) => at));
  return Math.sign(sum(flows.filter(({ at }) => at === first).map(({ amount }) => amount))) || 1;
}

function answer(question: FollowUp, account: Account): number | null {
  switch (question.find) {
    case "total":
      return totalOf(question.of, account.settled);
    case "value":
    case "balance": {
      const at = yearsAt(question.at);
      if (at === null) return null;
      return question.find === "balance"
        ? balanceAt(account, at)
        : worthAt(account, at, Number.POSITIVE_INFINITY);
    }
    case "interest":
    case "principal": {
      const from = yearsAt(question.from);
      const to = yearsAt(question.to);
      if (from === null || to === null) return null;
      const fallen = balanceAt(account, from) - balanceAt(account, to);
      return question.find === "principal" ? fallen : -fallen - movedBetween(account, from, to);
    }
  }
}

/** A position that follows the end of a stream has no number while no stream is solved. */
function yearsAt(position: KnownPosition): number | null {
  return typeof position === "string" ? yearsOf(position) : null;
}

function worthAt({ settled, growth }: Account, focal: number, until: number): number {
  return sum(
    settled.flows
      .filter(({ at }) => at <= until)
      .map(({ amount, at }) => amount * growthFactor(growth, at, focal)),
  );
}

function balanceAt(account: Account, at: number): number {
  return account.side * worthAt(account, at, at);
}

function movedBetween({ settled, side }: Account, from: number, to: number): number {
  const moved = settled.flows.filter(({ at }) => at > from && at <= to);
  return side * sum(moved.map(({ amount }) => amount));
}

function totalOf(of: string, { flows }: SettledTimeline): number {
  if (of === "in") return sum(flows.map(({ amount }) => Math.max(0, amount)));
  if (of === "out") return sum(flows.map(({ amount }) => Math.max(0, -amount)));
  return Math.abs(sum(flows.filter(({ id }) => id === of).map(({ amount }) => amount)));
}
