import type { WholePayments } from "../engine/solve/solution";
import { formatYearsMonthsDays } from "./format-time";
import { writeFigure, writeMoney, type AnswerFormat } from "./answer-format";

/** The count that is told: the real n, but where rounding the payment to the cent explains its fraction. */
export function toldCount(count: number, whole: WholePayments | undefined): number {
  return whole?.kind === "cents" ? whole.full + 1 : count;
}

/** How a count comes out in whole payments, to stand after its figure: "payments: 46 full payments and …". */
export function wholePaymentsWords(whole: WholePayments | undefined, format: AnswerFormat): string {
  if (whole === undefined) return "payments";
  const { last, goalReachedYears } = whole;
  if (goalReachedYears !== undefined) {
    return `payments: ${fullPayments(whole.full, format)}, then interest alone reaches the goal after ${formatYearsMonthsDays(goalReachedYears, format)}`;
  }
  return last === null
    ? "payments"
    : `payments: ${fullPayments(whole.full, format)} and a final payment of ${writeMoney(last.amount, format)}`;
}

/** "46 full payments", "no full payments". */
export function fullPayments(full: number, format: AnswerFormat): string {
  const figure = full === 0 ? "no" : writeFigure(full, format);
  return `${figure} full payment${full === 1 ? "" : "s"}`;
}
