import {
  formatYears,
  isSameField,
  toldCount,
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
  type FieldRef,
  type SolvedProblem,
} from "@kestrelmoor/core";

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
  switch (unit) {
    case "money":
      return writeMoney(Math.abs(value), format);
    case "percent":
      return writeRate(value, format);
    case "years":
      return formatYears(value, format);
    case "payments":
      return `${writeFigure(toldCount(value, facts.wholePayments), format, 2)} payments`;
  }
}
