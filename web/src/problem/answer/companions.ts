import {
  formatYearsMonthsDays,
  frequencyOf,
  frequencyWords,
  isCompound,
  severalPeriods,
  shownNumber,
  USUAL_FORMAT,
  writeDirected,
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
  type Problem,
  type SolvedProblem,
} from "@kestrelmoor/core";

/** A figure that is asked for next, with its words. */
export interface Companion {
  readonly words: string;
  readonly figure: string;
}

/** The figures beside the answer that people want next, fewest words first. */
export function companionsOf(
  problem: Problem,
  solution: SolvedProblem,
  format: AnswerFormat = USUAL_FORMAT,
): Companion[] {
  return [
    ...totals(solution, format),
    ...periods(problem, solution, format),
    ...unroundedPayment(solution, format),
    ...wholePayments(solution, format),
    ...rates(solution, format),
  ];
}

function totals({ facts }: SolvedProblem, format: AnswerFormat): Companion[] {
  const { totalIn, totalOut, interest, interestIs } = facts;
  const [shownIn, shownOut] = [totalIn ?? 0, totalOut ?? 0].map((sum) => shownNumber(sum, format));
  return [
    ...total("Total money out", totalOut, format),
    ...total("Total money in", totalIn, format),
    ...(interest === undefined || shownIn === undefined || shownOut === undefined
      ? []
      : [
          {
            words: `Interest ${interestIs}`,
            // The interest is the difference of the totals that stand beside it.
            figure: writeMoney(Math.abs(shownIn - shownOut), format),
          },
        ]),
  ];
}

function total(words: string, amount: number | null, format: AnswerFormat): Companion[] {
  if (amount === 0) return [];
  return [{ words, figure: amount === null ? "infinite" : writeMoney(amount, format) }];
}

/**
 * Why the total of equal payments is not so many times the payment that is shown; `null` where it is.
 */
export function unroundedWords(
  problem: Problem,
  { facts, paid }: SolvedProblem,
  format: AnswerFormat = USUAL_FORMAT,
): string | null {
  for (const [index, flow] of paid.flows.entries()) {
    const stream = facts.streams.find(({ id }) => id === flow.id);
    const isLevel = flow.kind === "stream" && flow.growth === null && Number.isInteger(flow.count);
    if (!isLevel || stream === undefined || problem.flows[index]?.kind !== "stream") continue;
    const each = shownNumber(Math.abs(flow.amount), format);
    const come = shownNumber(each * flow.count, format);
    if (come === shownNumber(Math.abs(flow.amount) * flow.count, format)) continue;
    return `Totals come from unrounded payments. ${writeFigure(flow.count, format)} payments of ${writeMoney(each, format)} come to ${writeMoney(come, format)}.`;
  }
  return null;
}

/** An unknown time in months and in compounding periods, counted back if it has passed. */
function periods(
  problem: Problem,
  { answers, settled }: SolvedProblem,
  format: AnswerFormat,
): Companion[] {
  const [answer] = answers;
  const [spell] = settled.spells;
  if (answer.unit !== "years" || spell === undefined || problem.rates.length !== 1) return [];
  const years = Math.abs(answer.value);
  const counted = (periods: string): string =>
    answer.value < 0
      ? `${periods.charAt(0).toUpperCase()}${periods.slice(1)} ago`
      : `In ${periods}`;
  const months = { words: counted("months"), figure: writeFigure(years * 12, format, 2) };
  if (!("compounding" in spell.quotation)) return [months];
  const { compounding } = spell.quotation;
  if (compounding === "P1M" || compounding === "P1Y") return [months];
  const { noun } = frequencyWords(compounding);
  return [
    months,
    {
      words: counted(severalPeriods(noun)),
      figure: writeFigure(years * frequencyOf(compounding), format),
    },
  ];
}

/** The payment with every digit, where it is paid in whole cents. */
function unroundedPayment({ facts }: SolvedProblem, format: AnswerFormat): Companion[] {
  const { roundedPayment } = facts;
  if (roundedPayment === undefined) return [];
  return [{ words: "Payment unrounded", figure: writeFigure(roundedPayment.exact, format) }];
}

/** A count in whole payments, and the alternative with a larger final payment. */
function wholePayments({ facts }: SolvedProblem, format: AnswerFormat): Companion[] {
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

function rates({ facts, settled }: SolvedProblem, format: AnswerFormat): Companion[] {
  const [percent] = facts.effectivePercents;
  const [spell] = settled.spells;
  if (
    percent === undefined ||
    percent === null ||
    spell === undefined ||
    settled.spells.length !== 1
  )
    return [];
  // Without compounding there is no rate that holds for every year.
  return spell.quotation.quoted === "effective" || !isCompound(spell.quotation)
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
