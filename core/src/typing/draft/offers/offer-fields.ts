import type { LoanOffer } from "../../../engine/schedule/offers/run-offer";
import type { Result } from "../../../engine/result";
import { readMoney } from "../../input/read-money";
import { readPayments } from "../../input/read-payment-number";
import { readPercent } from "../../input/read-rate";
import { readTime } from "../../input/read-time";
import type { EntryField } from "../entries/entry-field";

/** A figure of an offer: where nothing is typed it is as in the loan that it is compared with. */
function figure(
  label: string,
  same: (base: LoanOffer) => number,
  read: (text: string, base: LoanOffer) => Result<number>,
): EntryField<number, LoanOffer> & { readonly empty: (base: LoanOffer) => number } {
  return { label, hint: "", read, empty: same };
}

/** What an offer says beside its name, in the order in which it is told. */
export const OFFER_FIELDS = {
  amount: figure("Amount", ({ amount }) => amount, readMoney),
  percent: figure("Rate", ({ percent }) => percent, readPercent),
  term: figure(
    "Term",
    ({ count }) => count,
    (text, { every }) => readPayments(text, { every }),
  ),
  fee: figure("Upfront fee", ({ fee }) => fee, readMoney),
  residual: figure("Balloon payment", ({ residual }) => residual, readMoney),
} as const;

/** What is asked of all the loans that are compared. */
export const COMPARISON_FIELDS = {
  heldFor: {
    label: "Time until payoff",
    hint: "the full term",
    read: (text: string) => readTime(text),
    empty: () => null,
  },
} as const;

export type OfferField = keyof typeof OFFER_FIELDS;
