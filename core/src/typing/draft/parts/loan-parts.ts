import { saysToday } from "../../input/read-time";
import { isUnknownMark } from "../../input/unknown-mark";
import { usualCompounding } from "../compounding/payment-periods";
import type { Draft, FlowLine, StreamLine, TypedRateLine } from "../draft";
import { followsPayments } from "../quotation-key";
import { asks, idOf, oneOfEach, part, single, type Loan, type ReadyPart } from "./ready-part";

/** A loan paid back in equal payments at one rate. */
export function loanIn({ flows, rates: [rate, ...later] }: Draft): Loan | null {
  const found = oneOfEach(flows);
  if (found === null || rate?.kind !== "rate" || later.length > 0) return null;
  const { single: loan, stream: payments } = found;
  const isLoan =
    loan.direction !== payments.direction && saysToday(loan.at) && saysToday(payments.begins);
  return isLoan ? { loan, payments, rate } : null;
}

/** When most courses look again: what is asked of the part already, or five years. */
function usualTime({ also }: Draft): string {
  const asked = also.find((line) => line.kind === "balance");
  return asked?.kind === "balance" && asked.at.trim() !== "" ? asked.at : "5 years";
}

/** What courses ask next of a loan. */
export function loanParts(draft: Draft, { loan, payments, rate }: Loan): ReadyPart[] {
  const { label } = draft.part;
  const after = asks("after", "After", "5 years", usualTime(draft));
  const percent = asks("percent", "New rate", "5.2%", "");
  const balance = (at: string) => `balance after ${at} of (${label})`;
  const paid = `payment of (${label})`;
  const name = loan.label === "" ? "loan" : loan.label.toLowerCase();
  const borrowed = `${loan.label === "" ? loan.id.replace(/[-_]+/g, " ") : name} of (${label})`;
  const left = (at: string) => `term of (${label}) - ${at}`;
  const opposite = payments.direction;
  const borrow = (amount: string, own = loan.label) =>
    single(own === "" ? "Loan" : own, loan.direction, amount, "today");
  const again = (own: string, amount: string, count: string): StreamLine => ({
    ...payments,
    id: idOf(own),
    label: own,
    amount,
    count,
  });
  const at = (text: string) => ({ ...rate, percent: text });
  /** What is charged of an amount, as a percentage, and some more. */
  const charged = (fee: string, fixed: string, of: string) =>
    [...(isNothing(fee) ? [] : [`${fee} of ${of}`]), ...(isNothing(fixed) ? [] : [fixed])].join(
      " + ",
    );
  const sought = (): TypedRateLine => ({ ...rate, percent: "?" });
  return [
    {
      id: "renew",
      name: "Renew at another rate",
      explains: "The payment recalculated over the time left.",
      asks: [after, percent],
      make: ({ after: time = "", percent: text = "" }) => [
        part(
          "Payment after the renewal",
          draft,
          [borrow(balance(time), "Balance"), again("New payments", "?", left(time))],
          [at(text)],
        ),
      ],
    },
    {
      id: "refinance",
      name: "Refinance",
      explains:
        "A new loan pays off the old one with its costs: the new payment, and the value of the change.",
      asks: [
        after,
        percent,
        asks("penalty", "Penalty, of the balance", "2%", "0%"),
        asks("costs", "Other costs", "600", "0"),
      ],
      make: ({ after: time = "", percent: text = "", penalty = "", costs = "" }, own) => [
        part(
          "New payment",
          draft,
          [
            borrow(withCosts(balance(time), penalty, costs), "New loan"),
            again("New payments", "?", left(time)),
          ],
          [at(text)],
        ),
        part(
          "Value of the refinancing",
          draft,
          [
            { ...again("Old payments", paid, left(time)), direction: loan.direction },
            again("New payments", `payment of (${own})`, left(time)),
            single("Value today", opposite, "?", "today"),
          ],
          [at(text)],
        ),
      ],
    },
    {
      id: "pay-off",
      name: "Pay it off early: what it really cost",
      explains: "The rate over the time for which the loan was held, with its fees.",
      asks: [
        after,
        asks("fee", "Fee at the start, of the loan", "1%", "0%"),
        asks("penalty", "Penalty at the end, of the balance", "2%", "0%"),
      ],
      make: ({ after: time = "", fee = "", penalty = "" }) => [
        part(
          "What it really cost",
          draft,
          [
            borrow(borrowed),
            ...(isNothing(fee) ? [] : [single("Fee", opposite, charged(fee, "0", name), "today")]),
            again("Payments", paid, time),
            single("Paid off", opposite, withCosts(balance(time), penalty, "0"), time),
          ],
          [sought()],
        ),
      ],
    },
    {
      id: "fees",
      name: "Fees and points: the rate with them",
      explains: "What the loan costs with what is paid at its start: nominal and effective.",
      asks: [asks("fee", "Points, of the loan", "2%", ""), asks("costs", "Other fees", "500", "0")],
      make: ({ fee = "", costs = "" }) => [
        part(
          "Rate with fees",
          draft,
          [
            borrow(borrowed),
            single("Fees", opposite, charged(fee, costs, name), "today"),
            again("Payments", paid, `term of (${label})`),
          ],
          [sought()],
        ),
      ],
    },
    {
      id: "half-payments",
      name: "Half the payment every fortnight",
      explains: "How much sooner the loan is paid off.",
      asks: [],
      make: () => [
        part(
          "Half the payment every fortnight",
          draft,
          [
            borrow(borrowed),
            { ...again("Half payments", `half the ${paid}`, "?"), every: "2 weeks" },
          ],
          [asItWas(rate, draft.flows)],
        ),
      ],
    },
  ];
}

/** A rate that follows the payments has to stay what it was where the payments become others. */
function asItWas(rate: TypedRateLine, flows: readonly FlowLine[]): TypedRateLine {
  return followsPayments(rate)
    ? { ...rate, compounding: usualCompounding(flows), compoundedBy: "words" }
    : rate;
}

function withCosts(balance: string, penalty: string, costs: string): string {
  const charged = isNothing(penalty) ? balance : `(100% + ${penalty}) of the ${balance}`;
  return isNothing(costs) ? charged : `${charged} + ${costs}`;
}

function isNothing(text: string): boolean {
  return /^\s*0*(?:\.0*)?\s*%?\s*$/.test(text) && !isUnknownMark(text);
}
