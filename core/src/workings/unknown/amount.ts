import { dateOfAmount } from "../../flows/amount-date";
import {
  of,
  product,
  quotient,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Composition } from "../compose/composition";
import {
  balanceInWords,
  chain,
  equationStep,
  otherSide,
  ownSide,
  part,
  tidy,
  wholeOf,
} from "../compose/equation";
import { fixedAt } from "../compose/moves";
import { resultLine, valuesOf } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import type { Term } from "../compose/term";
import type { Step } from "../step";
import { STEP_WORDS } from "../../wording/teaching/step-words";

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
  const known = tidy(otherSide(list, own.sign));
  const multiples = open.map((term) => ({ sign: term.sign, of: multipleOf(term) }));
  const coefficient = sum(multiples);
  const isAlone = isOne(coefficient);
  const x = of(unknown);
  const gathered = sum(open.map((term) => ({ sign: term.sign, of: wholeOf(term) })));
  sheet.takeLines();
  const top = isSimple(known) ? null : sheet.define(null, "money", known);
  const under = isSimple(coefficient) ? null : sheet.define(null, "factor", coefficient);
  const rest = sheet.takeLines();
  const found = sheet.define(
    unknown.letter,
    "money",
    quotient(top === null ? known : of(top), under === null ? coefficient : of(under)),
  );
  sheet.takeLines();
  const symbols = quotient(known, coefficient);
  return [
    balanceInWords(composition, focal),
    ...steps,
    equationStep(composition, list, focal),
    ...(list.length === open.length + 1 && open.length === 1
      ? []
      : [
          {
            kind: "rearranged" as const,
            level: "every-step" as const,
            say: open.length > 1 ? WORDS.collect : WORDS.isolateUnknown,
            lines: [chain(part(gathered, "symbols"), part(known, "symbols"))],
          },
        ]),
    ...(open.length > 1
      ? [
          {
            kind: "rearranged" as const,
            level: "every-step" as const,
            say: WORDS.factorOut,
            lines: [chain(part(product(x, coefficient), "symbols"), part(known, "symbols"))],
          },
        ]
      : []),
    ...(isAlone && open.length === 1
      ? []
      : [
          {
            kind: "rearranged" as const,
            level: "short" as const,
            say: WORDS.divide,
            lines: [chain(part(x, "symbols"), part(symbols, "symbols"))],
          },
        ]),
    {
      kind: "numbers",
      level: "short",
      say: WORDS.substitute,
      lines: [chain(part(x, "symbols"), part(symbols, "numbers")), ...rest.map(valuesOf)],
    },
    {
      kind: "value",
      level: "short",
      say: found.value < 0 ? WORDS.otherDirection : WORDS.calculate,
      lines: [resultLine(found)],
      value: found.value,
      finds: found,
    },
  ];
}

function isLetter(expression: Expression, unknown: Quantity | undefined): boolean {
  return expression.op === "quantity" && expression.quantity === unknown;
}

/** A term as a multiple of the unknown. */
function multipleOf({ size, factor }: Term): Expression {
  if (size.op === "product") {
    const times = size.factors.filter((one) => one.op !== "quantity");
    return product(...times, factor);
  }
  if (size.op === "quantity" && size.quantity.expression !== null) {
    return multipleOf({ flow: 0, sign: 1, worth: null, size: size.quantity.expression, factor });
  }
  return factor;
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
