import { questionOfFigure, type FollowUp, type SolvedProblem } from "@kestrelmoor/core";
import type { ClaimTexts } from "./claim";

/**
 * What the student's number is the answer to: `null` for the problem's own question, the place of a follow-up, or the
 * question of a figure in the schedule; "missing" where the schedule has no such row.
 */
export function markedOf(
  solved: SolvedProblem,
  { follow, figure }: ClaimTexts,
): number | FollowUp | "missing" | null {
  if (figure !== null) {
    const payment = Number(figure.payment);
    return questionOfFigure(solved, figure.line, figure.of, payment) ?? "missing";
  }
  // One that was taken away since is asked about no more.
  return follow !== null && solved.problem.also?.[follow] ? follow : null;
}

export const NO_SUCH_ROW = "The schedule has no such row. Type the number of a payment.";
