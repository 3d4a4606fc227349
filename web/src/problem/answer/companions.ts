import {
  formatYearsMonthsDays,
  frequencyOf,
  frequencyWords,
  severalPeriods,
  USUAL_FORMAT,
  writeDirected,
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
  type Problem,
  type Solution,
} from "@kestrelmoor/core";

/** A figure that is asked for next, with its words. */
export interface Companion {
  readonly words: string;
  readonly figure: string;
}

/** The figures beside the answer that people want next, fewest words first. */
export function companionsOf(
  problem: Problem,
  solution: Solution,
  format: AnswerFormat = USUAL_FORMAT,
): Companion[] {
  return [
    ...totals(solution, format),
    ...periods(problem, solution, format),
    ...wholePayments(solution, format),
    ...rates(solution, format),
  ];
}

function totals({ facts }: Solution, format: AnswerFormat): Companion[] {
  const { totalIn, totalOut, interest, interestIs } = facts;
  return [
    ...total("Total money out", totalOut, format),
    ...total("Total money in", totalIn, format),
    ...(interest === undefined
      ? []
      : [{ words: `Interest ${interestIs}`, figure: writeMoney(interest, format) }]),
  ];
}

function total(words: string, amount: number | null, format: AnswerFormat): Companion[] {
  if (amount === 0) return [];
  return [{ words, figure: amount === null ? "infinite" : writeMoney(amount, format) }];
}

/** An unknown time in months and in compounding periods. */
function periods(
  problem: Problem,
  { answers, settled }: Solution,
  format: AnswerFormat,
): Companion[] {
  const [answer] = answers;
  const [spell] = settled.spells;
  if (answer.unit !== "years" || spell === undefined || problem.rates.length !== 1) return [];
  const months = { words: "In months", figure: writeFigure(answer.value * 12, format, 2) };
  if (!("compounding" in spell.quotation)) return [months];
  const { compounding } = spell.quotation;
  if (compounding === "P1M" || compounding === "P1Y") return [months];
  const { noun } = frequencyWords(compounding);
  return [
    months,
    {
      words: `In ${severalPeriods(noun)}`,
      figure: writeFigure(answer.value * frequencyOf(compounding), format),
    },
  ];
}

/** A count in whole payments, and the alternative with a larger final payment. */
function wholePayments({ facts }: Solution, format: AnswerFormat): Companion[] {
  if (facts.wholePayments === undefined) return [];
  const { kind, years, full, largerLast } = facts.wholePayments;
  const words = kind === "interest-alone" ? "Time to the goal" : "Time";
  const time = { words, figure: formatYearsMonthsDays(years, format) };
  if (largerLast === undefined) return [time];
  return [
    time,
    {
      words: `Or a larger payment ${writeFigure(full, format)}`,
      figure: writeMoney(largerLast.amount, format),
    },
  ];
}

function rates({ facts, settled }: Solution, format: AnswerFormat): Companion[] {
  const [percent] = facts.effectivePercents;
  const [spell] = settled.spells;
  if (
    percent === undefined ||
    percent === null ||
    spell === undefined ||
    settled.spells.length !== 1
  )
    return [];
  return spell.quotation.quoted === "effective"
    ? []
    : [{ words: "Effective annual rate", figure: writeRate(percent, format) }];
}

/** An answer as it is copied, in the number format. */
export function copyText(answer: Answer, format: AnswerFormat = USUAL_FORMAT): string {
  switch (answer.unit) {
    case "money":
      return answer.direction === undefined
        ? writeMoney(answer.value, format)
        : writeDirected(answer.value, answer.direction, format);
    case "percent":
      return writeRate(answer.value, format);
    default:
      return writeFigure(answer.value, format, 6);
  }
}
