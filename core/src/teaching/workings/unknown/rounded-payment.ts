import { paymentTime } from "../../../engine/flows/payment-times";
import { fullPayments } from "../../../wording/count-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import type { ComposedFlow, Composition } from "../compose/composition";
import { ownSide } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { lineOf, resultLine } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import {
  minus,
  number,
  of,
  product,
  quotient,
  rounded,
  sum,
  type Quantity,
} from "../mathematics/expression";
import type { Step } from "../step";
import { foundStep, step } from "../steps";
import { multipleOf } from "./multiple-of";

const WORDS = STEP_WORDS.roundedPayment;

/** A payment that is found is paid in whole cents, and the final one settles the rest; none where it is not rounded. */
export function roundedPaymentSteps(composition: Composition, exact: Quantity): Step[] {
  const { sheet, solved, flows } = composition;
  const { problem, facts, unknown } = solved;
  const { paymentRounding: rounding } = problem;
  const own = unknown.kind === "amount" ? flows[unknown.field.line] : undefined;
  if (rounding === undefined || facts.roundedPayment === undefined || own?.kind !== "stream") {
    return [];
  }
  const paid = sheet.work(sheet.letter("PMT", "c"), "money", rounded(of(exact), rounding));
  return [
    foundStep(WORDS.inCents[rounding], paid, resultLine(paid)),
    ...finalPaymentSteps(composition, own, { exact, paid }),
  ];
}

interface Payments {
  readonly exact: Quantity;
  readonly paid: Quantity;
}

/** The final payment: a rounded one, less what all of them are too large by, at the date of the final one. */
function finalPaymentSteps(
  composition: Composition,
  own: ComposedFlow<"stream">,
  { exact, paid }: Payments,
): Step[] {
  const { sheet, solved } = composition;
  const { full, last } = solved.facts.roundedPayment ?? { full: 0, last: { amount: 0 } };
  const said = fullPayments(full, sheet.format);
  const letter = sheet.letter("L");
  if (full + 1 !== own.settled.count) {
    const final = sheet.work(letter, "money", number(last.amount));
    return [step("final-payment", "short", WORDS.endsEarlier(said), resultLine(final))];
  }
  const at = fixedAt(paymentTime(own.settled, full));
  const { focal } = solved.settled;
  const { multiple, steps } = multipleAt(composition, own, focal ?? at.years);
  const moved = focal === null ? number(1) : composition.moves.between(at, fixedAt(focal), null);
  const tooMuch = quotient(product(minus(of(paid), of(exact)), multiple), moved);
  const final = sheet.work(letter, "money", minus(of(paid), tooMuch));
  const isSmaller = Math.abs(paid.value) > Math.abs(exact.value);
  const words = isSmaller ? WORDS.lastIsSmaller : WORDS.lastIsLarger;
  return [...steps, step("final-payment", "short", words(said), lineOf(final))];
}

/** By what the payment is multiplied in the equation of value at a date, and the steps to it. */
function multipleAt(composition: Composition, own: ComposedFlow<"stream">, years: number) {
  const { list, steps } = termsAt(composition, fixedAt(years), ({ size }) => size?.isOpen === true);
  const ownTerm = list.find((term) => term.flow === own.index);
  const open = ownSide(list, ownTerm?.sign ?? 1);
  const multiple = sum(open.map((term) => ({ sign: term.sign, of: multipleOf(term) })));
  return { multiple, steps };
}
