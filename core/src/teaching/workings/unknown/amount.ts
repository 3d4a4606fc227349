import {
  inverseOf,
  of,
  product,
  quotient,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { focalDate } from "../compose/focal-date";
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
  stagedOf,
  wholeOf,
} from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { resultLine, valuesOf, type Recorded, type Sheet } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import type { Term } from "../compose/term";
import type { Line, Step } from "../step";
import { rearranged, substitutedSteps } from "../steps";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.solve;

/** An unknown amount: its multiples on one side, all other terms on the other, and one division. */
export function amountSteps(composition: Composition): Step[] {
  const { sheet } = composition;
  const focal = focalDate(composition);
  const terms = termsAt(composition, fixedAt(focal));
  const { list } = terms;
  const unknown = sheet.quantities.find(({ isUnknown }) => isUnknown);
  const own = list.find(({ size, worth }) => worth === null && isLetter(size, unknown));
  if (unknown === undefined || own === undefined)
    throw new TypeError("An unknown amount has a term");
  const open = ownSide(list, own.sign);
  const known = positiveFirst(otherSide(list, own.sign));
  const coefficient = sum(open.map((term) => ({ sign: term.sign, of: multipleOf(term) })));
  const x = of(unknown);
  const { value: found, lines } = divided(sheet, unknown, known, coefficient);
  const [result, solution] = [quotient(known, coefficient), part(x, "symbols")];
  // Where one value is the answer itself, it is not worked out before.
  const alone = isOne(coefficient) ? onlyTerm(list, own) : null;
  return [
    balanceInWords(composition, focal),
    ...terms.stepsWithout(alone?.worth ?? null),
    equationStep(composition, list, focal),
    ...gathered(open, { x, known, coefficient, isAlone: isAlone(list, own) }),
    ...(isOne(coefficient) && open.length === 1
      ? []
      : [rearranged("short", WORDS.divide, chain(solution, part(result, "symbols")))]),
    ...substitutedSteps(
      found,
      {
        inNumbers: chain(solution, part(result, "numbers")),
        inValues: isOne(coefficient)
          ? [resultOf(found, alone === null ? known : wholeOf(alone))]
          : [...lines.map(valuesOf), resultLine(found)],
        ...(alone === null ? {} : { inStages: [resultOf(found, stagedOf(alone))] }),
      },
      found.value < 0 ? WORDS.otherDirection : "",
    ),
    ...roundedPaymentSteps(composition, found),
  ];
}

/** The other term, if there is only one; an amount that is not moved needs no calculation. */
function onlyTerm(list: readonly Term[], own: Term): Term | null {
  const [other, ...more] = list.filter((term) => term !== own);
  return other === undefined || more.length > 0 || isOne(other.factor) ? null : other;
}

/** The unknown is what is known on the other side, or the amount times the factor of the only term there. */
function resultOf(found: Quantity, known: Expression): Line {
  const [name, values] = [part(of(found), "symbols"), part(of(found), "values")];
  return { ...chain(name, part(known, "values"), values), defines: found };
}

/** Whether nothing that is known stands on the side of the unknown. */
function isAlone(list: readonly Term[], own: Term): boolean {
  return list.every((term) => term.worth === null || term.sign !== own.sign);
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
    under: isSimple(inverseOf(coefficient) ?? coefficient)
      ? coefficient
      : of(sheet.define(null, "factor", coefficient)),
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
