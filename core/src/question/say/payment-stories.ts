import type { FlowOf } from "../../engine/problem/schema";
import { known, paymentWords, type Plot } from "./plot";

export interface Repeated {
  readonly stream: FlowOf<"stream">;
  readonly start: FlowOf<"single"> | undefined;
  readonly end: FlowOf<"single"> | undefined;
}

/** Whether an amount comes with the last payment. */
export function isWithLast({ at }: FlowOf<"single">, stream: FlowOf<"stream">): boolean {
  return at !== null && typeof at === "object" && at.endOf === stream.id;
}

/** Payments beside an amount at their beginning or end. */
export function repeated(plot: Plot, own: Repeated): readonly string[] {
  const { stream, start, end } = own;
  if (stream.direction === "out") {
    if (start?.direction === "in" && end?.direction !== "in") return repaid(plot, own);
    return end?.direction === "in" && start?.direction !== "in" ? saved(plot, own) : [];
  }
  return start?.direction === "out" && end === undefined ? drawn(plot, stream, start) : [];
}

/** A loan, with or without a final payment. */
function repaid(plot: Plot, { stream, start, end }: Repeated): readonly string[] {
  const { person, lender } = plot.names;
  const { money, rate, askRate } = plot;
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

/** Deposits, with or without an opening balance. */
function saved(plot: Plot, { stream, start, end }: Repeated): readonly string[] {
  const { person, lender } = plot.names;
  const { money, rate, askRate } = plot;
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

/** A fund that is drawn down. */
function drawn(plot: Plot, stream: FlowOf<"stream">, start: FlowOf<"single">): readonly string[] {
  const { person, lender } = plot.names;
  const { money, rate, askRate } = plot;
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

/** What payments are worth today. */
export function valued(plot: Plot, stream: FlowOf<"stream">): readonly string[] {
  const { amount, direction } = stream;
  if (plot.rate === null || !known(amount) || direction === "out") return [];
  const terms = paymentWords(plot, stream, plot.money(amount));
  if (terms === null) return [];
  return [
    `Find the present value of ${terms}, at ${plot.rate}.`,
    `${plot.names.person} receives ${terms}. Interest is ${plot.rate}. What are the payments worth today?`,
  ];
}
