import type { Facts } from "../facts/facts";
import { paymentsIn } from "../facts/payments";
import type { PaymentsFact } from "../facts/payments-fact";
import { PAYMENT_NOUN, percentsIn } from "../facts/rates";
import { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";

/** What a part does to the payments that stand before it. */
export interface PaymentsAnew {
  /** An amount, and the one of the part in its place. */
  readonly replaced: readonly (readonly [Mark, Mark])[];
  readonly dropped: readonly Mark[];
}

/** Payments that a part tells anew, or asks for. */
export function paymentsAnew(before: readonly Mark[], own: Facts): PaymentsAnew {
  const isOther = isOtherPayment(own);
  const isAsked = isPaymentAsked(own);
  const isWhole = isToldWhole(own);
  if (!isOther && !isAsked && !isWhole) return { replaced: [], dropped: [] };
  const scope = new Scope(before);
  const told = paymentsIn(scope, percentsIn(scope));
  const amounts = told.flatMap(({ amountMark }) => amountMark ?? []);
  const [only, second] = amounts;
  const [amount] = own.amounts;
  const isOne = only !== undefined && second === undefined;
  const isReplaced = isOther && isOne && amount !== undefined && own.streams.length === 0;
  if (isReplaced) return { replaced: [[only, amount.mark]], dropped: [] };
  const isAmountGone = isOther || (isAsked && told.length === 1);
  return {
    replaced: [],
    dropped: [...(isAmountGone ? amounts : []), ...(isWhole ? wholeOf(told) : [])],
  };
}

/** "(b) What could she give away each year for ever?": the payment that is told is asked for now. */
function isPaymentAsked({ ask, streams, amounts }: Facts): boolean {
  const isOpen = streams.length > 0 && streams.every(({ amount }) => amount === null);
  return ask?.kind === "payment" && isOpen && amounts.length === 0;
}

/** "If he paid £200 at the end of each month": payments told whole take the place of those before. */
function isToldWhole({ scope, streams }: Facts): boolean {
  const [own, second] = streams;
  const isOne = own !== undefined && second === undefined && own.amountMark !== null;
  return isOne && / (?:if|suppose|instead) /.test(scope.words);
}

function wholeOf([told, second]: readonly PaymentsFact[]): readonly Mark[] {
  const isOne = told !== undefined && second === undefined && told.amountMark !== null;
  return isOne ? told.marks : [];
}

const PUTS = /^(?:saved|saves?|invests?|invested|withdrew|withdraws?|drew|draws?)$/;

/** "If £1,000 is paid instead", "if the payments are €300". */
function isOtherPayment({ scope, amounts, ask }: Facts): boolean {
  const [only] = amounts;
  if (only === undefined || amounts.length > 1) return false;
  const near = [...scope.before(only.mark, 4), ...scope.after(only.mark, 3)];
  // "After how many payments does it pass £50,000?" tells of what they come to.
  const isTimeAsked = ask?.kind === "count" || ask?.kind === "time";
  const isChanged = near.some(({ word }) => /^(?:instead|paid|pays?|are|is|were)$/.test(word));
  if (isTimeAsked && !isChanged) return false;
  // "It spends £900 then, and saves on": the verb of an amount stands before it.
  return (
    near.some(
      ({ word }) =>
        PAYMENT_NOUN.test(word) || /^(?:paid|pays?|instead|each|deposits?|deposited)$/.test(word),
    ) || scope.before(only.mark, 4).some(({ word }) => PUTS.test(word))
  );
}
