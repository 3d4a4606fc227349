import { PAYMENT_ROUNDINGS } from "../../../engine/flows/payment-rounding";
import { writeFigure, writeMoney } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip } from "../mistake";

const WORDS = MISTAKE_WORDS["cents-otherwise"];

/** Where a payment is to be in whole cents, the student rounded it otherwise, or not at all. */
export const centsOtherwise: Mistake = {
  code: "cents-otherwise",
  nextTime: WORDS.nextTime,
  slips: ({ problem, solution }) => {
    const { paymentRounding: own, ...unrounded } = problem;
    const { roundedPayment } = solution.facts;
    if (own === undefined || roundedPayment === undefined) return [];
    const payment = solution.answers[0].value;
    const corrected: Slip["corrected"] = (format) =>
      WORDS.corrected[own](writeMoney(payment, format));
    const others = PAYMENT_ROUNDINGS.filter((rounding) => rounding !== own);
    // A figure in cents is more likely to be rounded than cut from one that is not.
    return [
      ...others.map((paymentRounding) => ({
        done: () => WORDS.done[paymentRounding],
        corrected,
        problem: { ...problem, paymentRounding },
      })),
      {
        done: (format) => WORDS.doneUnrounded(writeFigure(roundedPayment.exact, format)),
        corrected,
        problem: unrounded,
      },
    ];
  },
};
