import {
  convertRate,
  formatExact,
  writeRate,
  frequencyWords,
  isGrowing,
  isOfPayments,
  onePeriod,
  quotationWords,
  writeFigure,
  writeMoney,
  type AnswerFormat,
  type ByTable,
  type SolvedProblem,
  type SolvedByTable,
  isSamePercent,
} from "@kestrelmoor/core";

/** The column and the row of the table for the rate and the time of the problem. */
export function conversionWords(
  read: ByTable,
  { settled }: SolvedProblem,
  every: string,
  format: AnswerFormat,
): string[] {
  const [spell] = settled.spells;
  if (spell === undefined) return [];
  const { noun } = frequencyWords(every);
  const period = onePeriod(noun);
  const { sought, percent, periods } = read;
  const sentences: string[] = [];
  if (sought !== "rate") {
    const isSame = spell.quotation.quoted !== "nominal" && isSamePercent(spell.percent, percent);
    sentences.push(
      isSame
        ? `One period is ${period}, and the quoted rate is already ${writeRate(percent, format)} per period: use that column.`
        : `One period is ${period}. The quoted rate is ${writeRate(spell.percent, format)} ${quotationWords(spell.quotation)}, so the periodic rate is ${writeRate(percent, format, 6)}: use that column.`,
    );
  } else {
    sentences.push(`One period is ${period}. The column is the unknown.`);
  }
  sentences.push(
    sought === "periods"
      ? "The row is the unknown."
      : `There are ${formatExact(periods)} periods: use that row.`,
  );
  return sentences;
}

/** What is looked up, and the result. */
export function solvedWords(
  read: ByTable,
  solved: SolvedByTable,
  { settled }: SolvedProblem,
  decimals: number,
  format: AnswerFormat,
): string[] {
  const { sought, each, whole, terms } = read;
  const { table, factor, between, column, row, answer, exact } = solved;
  const money = (amount: number) => writeMoney(amount, format);
  const printed = writeMoney(factor, { ...format, decimals, sign: "" });
  const percentAt = (place: number) => writeRate(table.percents[place] ?? 0, format);
  const countAt = (place: number) => formatExact(table.periods[place] ?? 0);
  const payment = isOfPayments(terms.kind)
    ? isGrowing(terms.kind)
      ? "the first payment"
      : "the payment"
    : "the amount";
  switch (sought) {
    case "whole":
    case "each": {
      const where =
        between === "columns"
          ? `The rate is between the columns of ${percentAt(column)} and ${percentAt(column + 1)}. Use linear interpolation between the two: ${writeFigure(factor, format, decimals + 2)}.`
          : `Row ${countAt(row)}, column ${percentAt(column)} gives ${printed}.`;
      const used = between === "columns" ? writeFigure(factor, format, decimals + 2) : printed;
      const sum =
        sought === "whole"
          ? `${money(each)} × ${used} = ${money(answer)}`
          : `${money(whole)} ÷ ${used} = ${money(answer)}`;
      return [
        where,
        `${sum}. Exact answer: ${money(exact)}. ${apartWords(answer - exact, between === "columns", money)}`,
      ];
    }
    case "rate": {
      const [spell] = settled.spells;
      const yearly =
        spell === undefined
          ? null
          : convertRate({ quoted: "effective", percent: yearlyOf(answer, read) }, spell.quotation);
      const quoted =
        spell === undefined || !yearly?.ok
          ? ""
          : ` That is ${writeRate(yearly.value, format)} ${quotationWords(spell.quotation)}; the exact rate is ${writeRate(spell.percent, format)}.`;
      return [
        `The factor is ${money(whole)} ÷ ${money(each)} = ${writeFigure(factor, format, decimals + 2)}: multiplied by ${payment}, it gives the other amount.`,
        `In row ${countAt(row)} it is between ${percentAt(column)} and ${percentAt(column + 1)}. Linear interpolation gives ${writeRate(answer, format)} per period.${quoted}`,
      ];
    }
    case "periods":
      return [
        `The factor is ${money(whole)} ÷ ${money(each)} = ${writeFigure(factor, format, decimals + 2)}: multiplied by ${payment}, it gives the other amount.`,
        `In the column of ${percentAt(column)} it is between ${countAt(row)} and ${countAt(row + 1)} periods. Linear interpolation gives ${writeFigure(answer, format, 4)}. Exact answer: ${writeFigure(exact, format, 4)}.`,
      ];
  }
}

function yearlyOf(percent: number, { frequency }: ByTable): number {
  return Math.expm1(frequency * Math.log1p(percent / 100)) * 100;
}

function apartWords(
  difference: number,
  isBetween: boolean,
  money: (amount: number) => string,
): string {
  const what = isBetween ? "Interpolation and rounding" : "Rounding in the table";
  const text = money(Math.abs(difference));
  return /[1-9]/.test(text)
    ? `${what} make${isBetween ? "" : "s"} it ${text} ${difference > 0 ? "higher" : "lower"}.`
    : `${what} make${isBetween ? "" : "s"} no visible difference.`;
}
