import { dateOfAmount } from "../../../engine/flows/amount-date";
import {
  of,
  product,
  quotient,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { multipleOf } from "./multiple-of";
import { roundedPaymentSteps } from "./rounded-payment";
import type { Composition } from "../compose/composition";
import {
  balanceInWords,
  chain,
  equationStep,
  otherSide,
  ownSide,
  part,
  positiveFirst,
  wholeOf,
} from "../compose/equation";
import { fixedAt } from "../compose/moves";
import { resultLine, valuesOf, type Recorded, type Sheet } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import type { Term } from "../compose/term";
import type { Step } from "../step";
import { foundStep, rearranged, step } from "../steps";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.solve;

/** An unknown amount: its multiples on one side, all other terms on the other, and one division. */
export function amountSteps(composition: Composition): Step[] {
  const { sheet } = composition;
  const focal = focalOf(composition);
  const { list, steps } = termsAt(composition, fixedAt(focal));
  const unknown = sheet.quantities.find(({ isUnknown }) => isUnknown);
  const own = list.find(({ size, worth }) => worth === null && isLetter(size, unknown));
  if (unknown === undefined || own === undefined)
    throw new TypeError("An unknown amount has a term");
  const open = ownSide(list, own.sign);
  const known = positiveFirst(otherSide(list, own.sign));
  const coefficient = sum(open.map((term) => ({ sign: term.sign, of: multipleOf(term) })));
  const x = of(unknown);
  const { value: found, lines } = divided(sheet, unknown, known, coefficient);
  const symbols = chain(part(x, "symbols"), part(quotient(known, coefficient), "symbols"));
  const numbers = chain(part(x, "symbols"), part(quotient(known, coefficient), "numbers"));
  return [
    balanceInWords(composition, focal),
    ...steps,
    equationStep(composition, list, focal),
    ...gathered(open, { x, known, coefficient, isAlone: list.length === open.length + 1 }),
    ...(isOne(coefficient) && open.length === 1
      ? []
      : [rearranged("short", WORDS.divide, symbols)]),
    step("numbers", "short", WORDS.substitute, numbers, ...lines.map(valuesOf)),
    foundStep(found.value < 0 ? WORDS.otherDirection : WORDS.calculate, found, resultLine(found)),
    ...roundedPaymentSteps(composition, found),
  ];
}

/** What is known over the multiple of the unknown; the lines show the two where they have to be calculated. */
function divided(
  sheet: Sheet,
  unknown: Quantity,
  known: Expression,
  coefficient: Expression,
): Recorded<Quantity> {
  const { value, lines } = sheet.record(() => ({
    top: isSimple(known) ? known : of(sheet.define(null, "money", known)),
    under: isSimple(coefficient) ? coefficient : of(sheet.define(null, "factor", coefficient)),
  }));
  const found = sheet.work(unknown.letter, "money", quotient(value.top, value.under));
  return { value: found, lines, conversions: [] };
}

interface Gathered {
  readonly x: Expression;
  readonly known: Expression;
  readonly coefficient: Expression;
  /** Whether nothing but the unknown stands on its side already. */
  readonly isAlone: boolean;
}

/** The terms with the unknown on one side, and the unknown taken out of them. */
function gathered(open: readonly Term[], { x, known, coefficient, isAlone }: Gathered): Step[] {
  const other = part(known, "symbols");
  const together = sum(open.map((term) => ({ sign: term.sign, of: wholeOf(term) })));
  if (open.length === 1) {
    return isAlone
      ? []
      : [rearranged("every-step", WORDS.isolateUnknown, chain(part(together, "symbols"), other))];
  }
  return [
    rearranged("every-step", WORDS.collect, chain(part(together, "symbols"), other)),
    rearranged(
      "every-step",
      WORDS.factorOut,
      chain(part(product(x, coefficient), "symbols"), other),
    ),
  ];
}

function isLetter(expression: Expression, unknown: Quantity | undefined): boolean {
  return expression.op === "quantity" && expression.quantity === unknown;
}

function isOne(expression: Expression): boolean {
  return expression.op === "number" && expression.value === 1;
}

/** Whether nothing needs to be calculated before the division. */
function isSimple(expression: Expression): boolean {
  return expression.op === "quantity" || expression.op === "number";
}

/** The focal date with the simplest equation: that of the unknown, or that of the other money. */
function focalOf({ flows, solved }: Composition): number {
  // Where the answer depends on it, the focal date is the problem's own.
  if (solved.settled.focal !== null) return solved.settled.focal;
  const { field } = solved.unknown;
  const own = field.on === "flow" ? flows[field.line] : undefined;
  if (own !== undefined && own.kind !== "stream" && field.on === "flow") {
    return dateOfAmount(own.settled, field.entry, (years) => years);
  }
  const others = flows.filter((flow) => flow !== own);
  const [goal] = others;
  // Saving for one goal is valued at the date of the goal; everything else today.
  const isSaving = others.length === 1 && goal?.kind === "single" && goal.settled.at > 0;
  const refersElsewhere = flows.some(
    ({ file }) => "amount" in file && typeof file.amount === "object" && file.amount !== null,
  );
  return isSaving && !refersElsewhere ? goal.settled.at : 0;
}
