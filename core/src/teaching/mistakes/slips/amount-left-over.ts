import type { Flow, Problem } from "../../../engine/problem/schema";
import { isoYears } from "../../../engine/time/moment";
import type { Mistake, Slip } from "../mistake";
import { endOf, singlesOf, streamsOf, yearsAt } from "../parts-of-problem";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeMoney } from "../../../wording/answer-format";
import { isSameTime } from "../../../engine/numbers/compare";

const WORDS = MISTAKE_WORDS["amount-left-over"];

/** The student included an amount of the previous question: a final amount or an opening balance. */
export const amountLeftOver: Mistake = {
  code: "amount-left-over",
  nextTime: WORDS.nextTime,
  slips: () => [],
  rarer: ({ problem }) => {
    const ends = streamsOf(problem).flatMap(({ flow }) => endOf(problem, flow) ?? []);
    const end = Math.max(...ends);
    if (ends.length === 0 || problem.ask !== undefined) return [];
    const taken = singlesOf(problem).map(({ flow }) => yearsAt(problem, flow.at) ?? end);
    const isFree = (years: number) => taken.every((at) => !isSameTime(at, years));
    return [end, 0]
      .filter(isFree)
      .flatMap((years) =>
        roundAmounts(problem).flatMap((amount) => leftOver(problem, years, amount)),
      );
  },
};

/** Amounts typical of questions: one digit and zeros, of a size similar to the others. */
function roundAmounts({ flows }: Problem): number[] {
  const sizes = flows.flatMap((flow) => {
    if (!("amount" in flow) || typeof flow.amount !== "number") return [];
    return flow.kind === "stream" && typeof flow.count === "number"
      ? [flow.amount * flow.count]
      : [flow.amount];
  });
  const largest = Math.max(0, ...sizes);
  if (largest === 0) return [];
  const tenth = 10 ** Math.floor(Math.log10(largest / 50));
  return [1, 10, 100, 1000]
    .flatMap((times) => DIGITS.map((digit) => digit * tenth * times))
    .filter((amount) => amount >= largest / 50 && amount <= 2 * largest);
}

const DIGITS = [1, 2, 3, 4, 5, 6, 8];

function leftOver(problem: Problem, years: number, amount: number): Slip[] {
  const isToday = years === 0;
  return (["out", "in"] as const).map((direction): Slip => {
    const flow: Flow = { id: ID, kind: "single", direction, amount, at: isoYears(years) };
    return {
      done: (format) => WORDS.done(writeMoney(amount, format), isToday),
      corrected: () => WORDS.corrected(isToday),
      problem: { ...problem, flows: [...problem.flows, flow] },
      isRare: true,
    };
  });
}

/** An id that no file can have. */
const ID = "*left-over";
