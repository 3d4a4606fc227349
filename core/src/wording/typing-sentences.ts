import { withDigits } from "../engine/numbers/with-digits";
import { writeFigure, writeMoney, writePercent } from "./answer-format";
import { formatExact } from "./format-number";
import { frequencyWords } from "./quotation-words";
import type { Sentences } from "./sentence";

/** What is said of a text that cannot be read, or could mean two things. */
export const TYPING_SENTENCES = {
  "money-missing": () => "Type an amount, or ? to find it.",
  "money-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type an amount such as 4,500 or 15*12, or ? to find it.`,
  "money-with-sign": () => "Type the amount without a sign, and choose money in or money out.",
  "money-too-large": ({ limit }, format) =>
    `This is too large to stay exact to the cent. The limit is ${writeMoney(limit, format, 0)}.`,
  "number-not-finite": () => "This number is too large. Type a smaller one.",
  "comma-unclear": ({ typed, point }) =>
    `“${typed}” is ambiguous. If you mean ${point}, type ${point}.`,
  "divided-by-zero": () => "This divides by zero. Change the divisor.",
  "bracket-unmatched": () => "A bracket is unmatched. Add the missing one, or remove it.",
  "percent-missing": () => "Type a rate such as 6.25, or ? to find it.",
  "percent-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type a rate such as 6 3/8% or 1.8% per quarter, or ? to find it.`,
  "percent-too-large": ({ limit }, format) =>
    `This is too large. The limit is ${writePercent(limit, format)}.`,
  "percent-or-decimal": ({ figure, percent }) => {
    const asDecimal = `${formatExact(withDigits(percent * 100, 12))}%`;
    return `Is that ${figure}% or ${asDecimal}? Type “${figure}%” or “${asDecimal}”.`;
  },
  "discount-unclear": ({ percent }) =>
    `“${percent} discount” has several meanings. Type “${percent} bank discount”, “${percent} effective discount”, or “${percent}” for interest.`,
  "apr-without-payments": ({ percent }, format) =>
    `An APR is compounded as often as money is paid. Type how often, such as ${writePercent(percent, format)} compounded monthly.`,
  "rate-frequency-unclear": ({ percent, each, compounded }) =>
    `Is that ${percent} per ${each}, or a yearly rate? Type “${percent} per ${each}” or “${percent} compounded ${compounded}”.`,
  "time-missing": () => "Type a time such as 6 years, or ? to find it.",
  "time-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type a time such as 3y 4m, 40 months or today, or ? to find it.`,
  "time-negative": () => "This is a length of time. Type it without a minus sign.",
  "date-not-understood": ({ at }) => `Cannot read “${at}”. Type a date, such as 20 Sep 2027.`,
  "date-without-year": ({ typed }) =>
    `“${typed}” needs its year. Type it too, such as 20 Sep 2027.`,
  "time-past": () => "This is a length of time, and has no past. Type it alone, such as 9 months.",
  "period-without-length": () =>
    "This rate has no compounding periods to count. Type a time such as 6 years.",
  "time-too-long": ({ limitYears }, format) =>
    `This is too long. The limit is ${writeFigure(limitYears, format)} years.`,
  "name-not-found": ({ name }) =>
    `No line is called “${name}”. Type the name of a line, an amount or a time.`,
  "names-several": () => "Refer to one other line only, such as loan / 2 + 500.",
  "name-not-linear": () =>
    "Refer to another line only as a multiple, plus or minus an amount, such as loan / 2 + 500.",
  "rate-before-missing": () =>
    "There is no earlier rate to refer to. Type a rate such as 6.25, or ? to find it.",
  "periods-not-whole": ({ at }) =>
    `“${at}” is not a number of periods. Type a whole number from 1.`,
  "count-missing": () => "Type how long: 3y 4m, 40 payments or for ever, or ? to find it.",
  "count-unclear": ({ figure, every }) =>
    `Is that ${figure} ${frequencyWords(every).adverb} payments, or ${figure} years? Type “${figure} payments” or “${figure} years”.`,
  "count-other-frequency": ({ said, every }) =>
    `The payments here are ${frequencyWords(every).adverb}, not ${frequencyWords(said).adverb}. Change how often, or type a time such as 6 years.`,
  "count-too-large": ({ limit }, format) =>
    `There are too many payments. The limit is ${writeFigure(limit, format)}.`,
  "count-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type how long, such as 3y 4m, 40 payments or for ever, or ? to find it.`,
  "payments-of-which": () =>
    "Several lines have payments. Say which, such as payment 30 of the repayments.",
  "payments-without-dates": () =>
    "Payments have no dates yet. Type the date of the first payment, or a date for today.",
  "payments-undated": () =>
    "The start of these payments is not known yet. Type a time, such as 2 years 6 months.",
  "payment-too-late": ({ payment, count }, format) =>
    `There is no payment ${writeFigure(payment, format)}: the payments are numbered from 1 to ${writeFigure(count, format)}. Choose one of them.`,
  "span-missing": () => "Type a period, such as year 3 or years 2 to 4.",
  "span-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type a period, such as year 3, years 2 to 4 or the first 18 months.`,
  "span-backwards": ({ at }) => `This ends before it begins: “${at}” must be later than the start.`,
  "claim-missing": () => "Type your answer.",
  "claim-not-understood": ({ typed }) =>
    `“${typed}” is not a number. Type your answer, such as 5,895.60 or 5.13%.`,
  "sum-missing": () => "Type a calculation, such as answer / 20%.",
  "sum-not-understood": ({ at }) =>
    `Cannot read “${at}”. Use numbers, + − × ÷ and the listed names.`,
  "period-missing": () => "Type how often, such as month, quarter or 2 weeks.",
  "period-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type how often, such as month, quarter or 2 weeks.`,
  "amounts-missing": () => "Type amounts such as out 1,000; 300 x 3; 450.",
  "entry-not-understood": ({ place, at }) =>
    `Cannot read amount ${place}, “${at}”. Type amounts such as out 1,000; 300 x 3; 450.`,
  "dated-not-understood": ({ place, at }) =>
    `Cannot read entry ${place}, “${at}”. Type a date and an amount, such as 2027-03-01 out 1,000.`,
} satisfies Partial<Sentences>;
