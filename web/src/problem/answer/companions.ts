import {
  followUpWords,
  formatExact,
  formatFigure,
  formatMoney,
  formatMoneyPlain,
  formatPercent,
  formatYearsMonthsDays,
  frequencyOf,
  frequencyWords,
  type Answer,
  type Problem,
  type Solution,
} from "@kestrelmoor/core";

/** A figure that is asked for next, with its words. */
export interface Companion {
  readonly words: string;
  readonly figure: string;
}

/** The figures beside the answer that people want next, fewest words first. */
export function companionsOf(problem: Problem, solution: Solution): Companion[] {
  return [
    ...totals(solution),
    ...periods(problem, solution),
    ...wholePayments(solution),
    ...rates(solution),
    ...solution.also.map((value, index) => {
      const question = problem.also?.[index];
      return {
        words: question === undefined ? "" : followUpWords(question, problem),
        figure: value === null ? "none" : formatMoney(value),
      };
    }),
  ];
}

function totals({ facts }: Solution): Companion[] {
  const { totalIn, totalOut, interest, interestIs } = facts;
  return [
    ...total("Money out", totalOut),
    ...total("Money in", totalIn),
    ...(interest === undefined
      ? []
      : [{ words: `Interest ${interestIs}`, figure: formatMoney(interest) }]),
  ];
}

function total(words: string, amount: number | null): Companion[] {
  if (amount === 0) return [];
  return [{ words, figure: amount === null ? "without end" : formatMoney(amount) }];
}

/** An unknown time is wanted in the compounding periods too. */
function periods(problem: Problem, { answers, settled }: Solution): Companion[] {
  const [answer] = answers;
  const [spell] = settled.spells;
  if (answer.unit !== "years" || spell === undefined || problem.rates.length !== 1) return [];
  const months = { words: "In months", figure: formatFigure(answer.value * 12, 2) };
  if (!("compounding" in spell.quotation)) return [months];
  const { compounding } = spell.quotation;
  if (compounding === "P1M" || compounding === "P1Y") return [months];
  const { noun } = frequencyWords(compounding);
  return [
    months,
    {
      words: /^\d/.test(noun) ? `In periods of ${noun}` : `In ${noun}s`,
      figure: formatFigure(answer.value * frequencyOf(compounding), 4),
    },
  ];
}

/** Payments cannot be split: what a count comes to in whole ones, and the other way to end. */
function wholePayments({ facts }: Solution): Companion[] {
  if (facts.wholePayments === undefined) return [];
  const { years, largerLast } = facts.wholePayments;
  const time = { words: "Time", figure: formatYearsMonthsDays(years) };
  if (largerLast === undefined) return [time];
  const { payment, amount } = largerLast;
  return [
    time,
    {
      words: `Or the last of ${formatFigure(payment)}`,
      figure: formatMoney(amount),
    },
  ];
}

function rates({ facts, settled }: Solution): Companion[] {
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
    : [{ words: "Effective yearly rate", figure: formatPercent(percent) }];
}

/** The digits of an answer for another program: no grouping, no sign of currency or percent. */
export function copyText(answer: Answer): string {
  switch (answer.unit) {
    case "money":
      return formatMoneyPlain(answer.value);
    case "percent":
      return formatFigure(answer.value, 6).replace("−", "-").replaceAll(",", "");
    default:
      return formatExact(Number(answer.value.toPrecision(10))).replaceAll(",", "");
  }
}
