import { paymentTime } from "../flows/payment-times";
import { wholeFrom } from "../numbers/compare";
import type { FollowUp } from "../problem/schema";
import type { SolvedProblem } from "../solve/solved-problem";
import { isoYears } from "../time/moment";

/** The figures in a row of a schedule that can be asked for by themselves. */
export const SCHEDULE_FIGURES = [
  "interest",
  "principal",
  "closing-balance",
  "opening-balance",
  "interest-so-far",
] as const;

export type ScheduleFigure = (typeof SCHEDULE_FIGURES)[number];

/**
 * One figure of a schedule as the follow-up question that it answers.
 *
 * @param line the index of the payments among the flows
 * @param payment the number of the row, from 1
 * @returns `null` where there is no such row, or no time passes before it
 */
export function questionOfFigure(
  { flows }: SolvedProblem,
  line: number,
  figure: ScheduleFigure,
  payment: number,
): FollowUp | null {
  const flow = flows[line];
  if (flow?.kind !== "stream" || !Number.isInteger(payment) || payment < 1) return null;
  const { settled } = flow;
  if (payment > wholeFrom(settled.count)) return null;
  const to = paymentTime(settled, payment - 1);
  const from = payment === 1 ? settled.begins : paymentTime(settled, payment - 2);
  const [begins, opens, closes] = [isoYears(settled.begins), isoYears(from), isoYears(to)];
  switch (figure) {
    case "closing-balance":
      return { find: "balance", at: closes };
    case "opening-balance":
      return { find: "balance", at: opens };
    case "interest":
    case "principal":
      return from < to ? { find: figure, from: opens, to: closes } : null;
    case "interest-so-far":
      return settled.begins < to ? { find: "interest", from: begins, to: closes } : null;
  }
}
