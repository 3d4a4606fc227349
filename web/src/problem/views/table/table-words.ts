import {
  convertRate,
  formatExact,
  formatPercent,
  frequencyWords,
  isGrowing,
  isOfPayments,
  onePeriod,
  quotationWords,
  writeFigure,
  writeMoney,
  type AnswerFormat,
  type ByTable,
  type Solution,
  type SolvedByTable,
} from "@kestrelmoor/core";

/** How the rate and the time of the problem become a column and a row of a table. */
export function conversionWords(read: ByTable, { settled }: Solution, every: string): string[] {
  const [spell] = settled.spells;
  if (spell === undefined) return [];
  const { noun } = frequencyWords(every);
  const period = onePeriod(noun);
  const { sought, percent, periods } = read;
  const sentences: string[] = [];
  if (sought !== "rate") {
    const isSame = spell.quotation.quoted !== "nominal" && Math.abs(spell.percent - percent) < 1e-9;
    sentences.push(
      isSame
        ? `A period of the table is ${period}, and ${formatPercent(percent)} is the rate for one already.`
        : `A period of the table is ${period}. The rate is quoted as ${formatPercent(spell.percent)} ${quotationWords(spell.quotation)}, so for one period it is ${formatPercent(percent, 6)}: that is the column.`,
    );
  } else {
    sentences.push(`A period of the table is ${period}; the column is what is sought.`);
  }
  sentences.push(
    sought === "periods"
      ? "The row is what is sought."
      : `The time is ${formatExact(periods)} periods: that is the row.`,
  );
  return sentences;
}

/** What is looked up or looked for, and what comes of it. */
export function solvedWords(
  read: ByTable,
  solved: SolvedByTable,
  { settled }: Solution,
  decimals: number,
  format: AnswerFormat,
): string[] {
  const { sought, each, whole, terms } = read;
  const { table, factor, between, column, row, answer, exact } = solved;
  const money = (amount: number) => writeMoney(amount, format);
  const printed = writeMoney(factor, { ...format, decimals, sign: "" });
  const percentAt = (place: number) => formatPercent(table.percents[place] ?? 0);
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
          ? `The rate lies between the columns of ${percentAt(column)} and ${percentAt(column + 1)}, so the factor is taken on the straight line between the two: ${writeFigure(factor, format, decimals + 2)}.`
          : `Row ${countAt(row)} and column ${percentAt(column)} cross at ${printed}.`;
      const used = between === "columns" ? writeFigure(factor, format, decimals + 2) : printed;
      const sum =
        sought === "whole"
          ? `${money(each)} × ${used} = ${money(answer)}`
          : `${money(whole)} ÷ ${used} = ${money(answer)}`;
      return [
        where,
        `${sum}. Exactly it is ${money(exact)}: ${apartWords(answer - exact, between === "columns", money)}.`,
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
          : ` That is ${formatPercent(yearly.value)} ${quotationWords(spell.quotation)}; exactly it is ${formatPercent(spell.percent)}.`;
      return [
        `The factor has to be ${money(whole)} ÷ ${money(each)} = ${writeFigure(factor, format, decimals + 2)}, as it turns ${payment} into the other amount.`,
        `In row ${countAt(row)} it lies between ${percentAt(column)} and ${percentAt(column + 1)}; on the straight line between the two at ${formatPercent(answer)} a period.${quoted}`,
      ];
    }
    case "periods":
      return [
        `The factor has to be ${money(whole)} ÷ ${money(each)} = ${writeFigure(factor, format, decimals + 2)}, as it turns ${payment} into the other amount.`,
        `In the column of ${percentAt(column)} it lies between ${countAt(row)} and ${countAt(row + 1)} periods; on the straight line between the two at ${writeFigure(answer, format, 4)}. Exactly it is ${writeFigure(exact, format, 4)}.`,
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
  const [what, makes] = isBetween
    ? ["the straight line and the rounding", "make"]
    : ["the table's rounding", "makes"];
  const text = money(Math.abs(difference));
  return /[1-9]/.test(text)
    ? `${what} ${makes} ${text} ${difference > 0 ? "more" : "less"}`
    : `${what} ${isBetween ? "do" : "does"} not show`;
}
