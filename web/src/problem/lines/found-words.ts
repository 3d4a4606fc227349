import {
  formatYears,
  isSameField,
  toldCount,
  type Answer,
  type AnswerFormat,
  type FieldRef,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { figureWords } from "../parts/part-words";

/** What the unknown in a field was found to be, every answer of it; `null` where the field is not the unknown. */
export function foundWords(
  solution: SolvedProblem | null,
  field: FieldRef,
  format: AnswerFormat,
): string | null {
  if (solution === null || !isSameField(solution.unknown.field, field)) return null;
  return solution.answers.map((answer) => answerWords(answer, solution, format)).join(" or ");
}

function answerWords(
  { unit, value }: Answer,
  { facts }: SolvedProblem,
  format: AnswerFormat,
): string {
  // A time is told by the decimals of the answer, not by those of a figure in passing.
  if (unit === "years") return formatYears(value, format);
  const told = unit === "payments" ? toldCount(value, facts.wholePayments) : value;
  return figureWords(told, unit, format);
}
