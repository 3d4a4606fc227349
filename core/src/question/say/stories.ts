import type { FlowOf, Problem, Rate } from "../../engine/problem/schema";
import { isDate } from "../../engine/time/moment";
import { frequencyWords } from "../../wording/quotation-words";
import type { Names } from "./names";
import {
  firstWords,
  growthWords,
  lengthWords,
  moneyWords,
  paidWords,
  rateWords,
  spanWords,
} from "./words";

/*
 * The stories that exercises tell: an amount that grows, a loan repaid, savings, a fund drawn down, payments valued. A
 * problem of another shape has none.
 */

/** The wordings of a problem as a story, which is none where no story has its shape. */
export function storiesOf(problem: Problem, names: Names): readonly string[] {
  // A phrase that ends with a comma may stand before another sign.
  return wordingsOf(problem, names).map((text) => text.replaceAll(/,([,.?])/g, "$1"));
}

function wordingsOf(problem: Problem, names: Names): readonly string[] {
  const plot = plotOf(problem, names);
  if (plot === null) return [];
  const { flows, ask } = problem;
  const streams = flows.filter((flow) => flow.kind === "stream");
  const singles = flows.filter((flow) => flow.kind === "single");
  if (streams.length + singles.length < flows.length || streams.length > 1) return [];
  const [stream] = streams;
  const start = singles.find(({ at }) => at === "P0D");
  const others = singles.filter((flow) => flow !== start);
  const [end] = others;
  if (others.length > 1) return [];
  if (stream === undefined) {
    if (ask !== undefined || start === undefined || end === undefined) return [];
    return start.direction === "out" && end.direction === "in" ? growing(plot, start, end) : [];
  }
  if (stream.begins !== "P0D" && stream.count !== "forever" && start !== undefined) return [];
  if (end !== undefined && !isWithLast(end, stream)) return [];
  if (ask !== undefined)
    return singles.length === 0 && ask.at === "P0D" ? valued(plot, stream) : [];
  return repeated(plot, { stream, start, end });
}

interface Plot {
  readonly names: Names;
  readonly currency: string | undefined;
  /** "6.9% a year, compounded monthly"; `null` where the rate is asked for. */
  readonly rate: string | null;
  /** "Find the nominal annual rate, compounded monthly." */
  readonly askRate: string;
}

function plotOf({ rates, currency, today }: Problem, names: Names): Plot | null {
  const [rate] = rates;
  if (rate === undefined || rates.length > 1 || today !== undefined) return null;
  const { percent } = rate;
  if (percent !== null && typeof percent !== "number") return null;
  const asked = askedRate(rate);
  if (asked === null) return null;
  return {
    names,
    currency,
    rate: percent === null ? null : rateWords(percent, rate),
    askRate: `Find the ${asked}.`,
  };
}

function askedRate(rate: Rate): string | null {
  switch (rate.quoted) {
    case "nominal":
      return `nominal annual rate, compounded ${frequencyWords(rate.compounding).adverb}`;
    case "effective":
      return "effective annual rate";
    case "periodic": {
      const { noun } = frequencyWords(rate.compounding);
      return noun === "year" ? "effective annual rate" : `interest rate per ${noun}`;
    }
    case "continuous":
      return "annual rate, compounded continuously";
    case "simple":
      return "annual rate of simple interest";
    default:
      return null;
  }
}

const known = (amount: unknown): amount is number => typeof amount === "number";

/** One amount that becomes another. */
function growing(plot: Plot, start: FlowOf<"single">, end: FlowOf<"single">): readonly string[] {
  const { person, lender } = plot.names;
  const money = (amount: number) => moneyWords(amount, plot.currency);
  const { rate, askRate } = plot;
  const time = typeof end.at === "string" && !isDate(end.at) ? spanWords(end.at) : null;
  if (end.at !== null && (time === null || time.includes("-"))) return [];
  const [first, last] = [start.amount, end.amount];
  if (rate !== null && known(first) && last === null && time !== null)
    return [
      `${person} puts ${money(first)} into an account with ${lender} that pays ${rate}. What is the account worth after ${time}?`,
      `What does ${money(first)} grow to in ${time} at ${rate}?`,
    ];
  if (rate !== null && first === null && known(last) && time !== null)
    return [
      `${person} wants to have ${money(last)} in ${time}. ${lender} pays ${rate}. How much must be invested today?`,
      `How much must be invested today at ${rate} to have ${money(last)} after ${time}?`,
    ];
  if (rate === null && known(first) && known(last) && time !== null)
    return [
      `${person} puts ${money(first)} into an account with ${lender}, and after ${time} it has grown to ${money(last)}. ${askRate}`,
      `${money(first)} grows to ${money(last)} in ${time}. ${askRate}`,
    ];
  if (rate !== null && known(first) && known(last) && end.at === null)
    return [
      `${person} puts ${money(first)} into an account with ${lender} that pays ${rate}. How long does it take to grow to ${money(last)}?`,
    ];
  return [];
}

interface Repeated {
  readonly stream: FlowOf<"stream">;
  readonly start: FlowOf<"single"> | undefined;
  readonly end: FlowOf<"single"> | undefined;
}

function isWithLast({ at }: FlowOf<"single">, stream: FlowOf<"stream">): boolean {
  return at !== null && typeof at === "object" && at.endOf === stream.id;
}

function repeated(plot: Plot, own: Repeated): readonly string[] {
  const { stream, start, end } = own;
  if (stream.direction === "out") {
    if (start?.direction === "in" && end?.direction !== "in") return repaid(plot, own);
    return end?.direction === "in" && start?.direction !== "in" ? saved(plot, own) : [];
  }
  return start?.direction === "out" && end === undefined ? drawn(plot, stream, start) : [];
}

/** How long payments go on: " for 5 years", " for ever"; nothing where that is asked for. */
function duration(stream: FlowOf<"stream">): string | null {
  if (stream.count === null) return "";
  if (stream.count === "forever") return " for ever";
  const length = lengthWords(stream);
  return length === null ? null : ` for ${length}`;
}

/** "£140 at the end of each month for 5 years, the first in 2 years, rising by 3% each year" */
function paymentWords(plot: Plot, stream: FlowOf<"stream">, amount: string): string | null {
  const length = duration(stream);
  if (length === null) return null;
  const parts = [
    `${amount} ${paidWords(stream)}${length}`,
    firstWords(stream),
    growthWords(stream, plot.currency),
  ];
  const told = parts.filter((part) => part !== null);
  return told.length > 1 ? `${told.join(", ")},` : told.join("");
}

function repaid(plot: Plot, { stream, start, end }: Repeated): readonly string[] {
  const { person, lender } = plot.names;
  const money = (amount: number) => moneyWords(amount, plot.currency);
  const { rate, askRate } = plot;
  const loan = start?.amount;
  const { amount, count } = stream;
  const terms = paymentWords(
    plot,
    stream,
    known(amount) ? `payments of ${money(amount)}` : "equal payments",
  );
  if (terms === null) return [];
  const rest =
    end === undefined
      ? ""
      : known(end.amount)
        ? `, with a final payment of ${money(end.amount)} together with the last of them`
        : null;
  if (rest === null) {
    if (rate === null || !known(loan) || !known(amount)) return [];
    return [
      `${person} borrows ${money(loan)} from ${lender} at ${rate}, and repays it by ${terms}. What final payment with the last of them clears the debt?`,
      `${person} borrows ${money(loan)} from ${lender} at ${rate}, and repays it by ${terms}. How much is still owed at the end?`,
    ];
  }
  if (rate === null)
    return known(loan) && known(amount)
      ? [
          `${person} borrows ${money(loan)} from ${lender} and repays it by ${terms}${rest}. ${askRate}`,
        ]
      : [];
  if (known(loan) && amount === null)
    return [
      `${person} borrows ${money(loan)} from ${lender} at ${rate}, and repays it by ${terms}${rest}. Find the payment.`,
      `A loan of ${money(loan)} is repaid by ${terms}${rest}. Interest is ${rate}. How large is each payment?`,
    ];
  if (loan === null && known(amount))
    return [
      `${person} repays a loan from ${lender} by ${terms}${rest}. Interest is charged at ${rate}. How much was borrowed?`,
    ];
  if (known(loan) && known(amount) && count === null)
    return [
      `${person} borrows ${money(loan)} from ${lender} at ${rate}, and repays it by ${terms}${rest}. How many payments are needed?`,
    ];
  return [];
}

function saved(plot: Plot, { stream, start, end }: Repeated): readonly string[] {
  const { person, lender } = plot.names;
  const money = (amount: number) => moneyWords(amount, plot.currency);
  const { rate, askRate } = plot;
  const { amount, count } = stream;
  if (start !== undefined && !known(start.amount)) return [];
  const lead = known(start?.amount)
    ? `${person} has ${money(start.amount)} in an account today, and deposits`
    : `${person} deposits`;
  const terms = paymentWords(plot, stream, known(amount) ? money(amount) : "an equal amount");
  const goal = end?.amount;
  if (terms === null || goal === undefined) return [];
  if (rate === null)
    return known(goal) && known(amount)
      ? [`${lead} ${terms} with ${lender}, and then has ${money(goal)} in the account. ${askRate}`]
      : [];
  if (goal === null && known(amount))
    return [
      `${lead} ${terms} in an account with ${lender} that earns ${rate}. How much is in the account at the end?`,
      `${lead} ${terms}. Interest is ${rate}. Find the accumulated value.`,
    ];
  if (known(goal) && amount === null)
    return [
      `${lead} ${terms} in an account with ${lender} that earns ${rate}, to have ${money(goal)} at the end. Find the deposit.`,
    ];
  if (known(goal) && known(amount) && count === null)
    return [
      `${lead} ${terms} in an account with ${lender} that earns ${rate}. How many deposits are needed to have ${money(goal)}?`,
    ];
  return [];
}

function drawn(plot: Plot, stream: FlowOf<"stream">, start: FlowOf<"single">): readonly string[] {
  const { person, lender } = plot.names;
  const money = (amount: number) => moneyWords(amount, plot.currency);
  const { rate, askRate } = plot;
  const { amount, count } = stream;
  const fund = start.amount;
  const terms = paymentWords(plot, stream, known(amount) ? money(amount) : "an equal amount");
  if (terms === null) return [];
  if (rate === null)
    return known(fund) && known(amount)
      ? [`${person} invests ${money(fund)} today and receives ${terms}. ${askRate}`]
      : [];
  if (fund === null && known(amount))
    return [
      `${person} wants to withdraw ${terms} from a fund with ${lender} that earns ${rate}. How large must the fund be today?`,
      `How much must be invested today at ${rate} to pay ${terms}?`,
    ];
  if (known(fund) && amount === null)
    return [
      `${person} has ${money(fund)} today in a fund with ${lender} that earns ${rate}, and withdraws ${terms}. Find the withdrawal.`,
    ];
  if (known(fund) && known(amount) && count === null)
    return [
      `${person} has ${money(fund)} today in a fund with ${lender} that earns ${rate}, and withdraws ${terms}. How many withdrawals can be made?`,
    ];
  return [];
}

function valued(plot: Plot, stream: FlowOf<"stream">): readonly string[] {
  const { amount, direction } = stream;
  if (plot.rate === null || !known(amount) || direction === "out") return [];
  const terms = paymentWords(plot, stream, moneyWords(amount, plot.currency));
  if (terms === null) return [];
  return [
    `Find the present value of ${terms}, at ${plot.rate}.`,
    `${plot.names.person} receives ${terms}. Interest is ${plot.rate}. What are the payments worth today?`,
  ];
}
