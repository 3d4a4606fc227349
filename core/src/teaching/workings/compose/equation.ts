import { isOpen } from "../mathematics/evaluate";
import {
  number,
  of,
  readableSum,
  type Expression,
  type SignedTerm,
} from "../mathematics/expression";
import type { Line, Step } from "../step";
import { signOf } from "../../../engine/timeline/amounts";
import type { ComposedFlow, Composition } from "./composition";
import { listed } from "../../../wording/listed";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { dateWords, flowName, nameOfDate } from "./flow-names";
import { times, type Term } from "./term";

/**
 * The equation of value in words: the focal date, and which values are equal on it.
 *
 * @param date of the focal date in words, if they are not those of `focal`
 */
export function balanceInWords(
  composition: Composition,
  focal: number,
  date = nameOfDate(focal, composition.sheet),
): Step {
  const { flows, sheet } = composition;
  const named = (side: number) => [
    ...new Set(
      flows.flatMap((flow) => (sideOf(flow) === side ? [flowName(flow, sheet.format)] : [])),
    ),
  ];
  const [inward, outward] = [named(1), named(-1)];
  const mixed = named(0);
  const words = STEP_WORDS.focalDate;
  const say =
    inward.length > 0 && outward.length > 0
      ? words.say(date, listed(inward), listed(outward), listed(mixed))
      : words.oneList(date);
  return { kind: "balance-in-words", level: "every-step", say, lines: [] };
}

/** +1 for money in, −1 for money out, 0 for a list, which may have both. */
function sideOf({ file }: ComposedFlow): number {
  return "direction" in file ? signOf(file.direction) : 0;
}

/** A term of the equation: amount times factor. */
export function wholeOf({ size, factor }: Term): Expression {
  return times(size, factor);
}

/** A known term as it is worked out, stage by stage. */
export function stagedOf(term: Term): Expression {
  return term.worth?.letter === null ? (term.worth.expression ?? wholeOf(term)) : wholeOf(term);
}

/** A term by its value, if it has one. */
export function worthOf(term: Term): Expression {
  return term.worth === null ? wholeOf(term) : of(term.worth);
}

/** Money in on the left, money out on the right. */
export function equationStep(
  { sheet }: Composition,
  terms: readonly Term[],
  focal: number,
  manner: "symbols" | "values" = "symbols",
): Step {
  const side = (sign: number) =>
    readableSum(
      terms
        .filter((term) => term.sign === sign)
        .map((term) => ({ sign: 1 as const, of: wholeOf(term) })),
      "W",
    );
  return {
    kind: "equation",
    level: "short",
    say: STEP_WORDS.equation.say(dateWords(focal, sheet)),
    lines: [{ parts: [part(side(1), manner), part(side(-1), manner)] }],
  };
}

export function part(expression: Expression, manner: "symbols" | "values" | "numbers") {
  return { expression, manner };
}

/** The known terms, moved to the other side of an unknown one. */
export function otherSide(terms: readonly Term[], sign: 1 | -1): SignedTerm[] {
  return terms
    .filter(({ worth }) => worth !== null)
    .map((term) => ({ sign: term.sign === sign ? -1 : 1, of: worthOf(term) }));
}

/** The terms with the unknown, on its side of the equation. */
export function ownSide(terms: readonly Term[], sign: 1 | -1): Term[] {
  return terms
    .filter((term) => isOpen(wholeOf(term)))
    .map((term) => ({ ...term, sign: (term.sign * sign) as 1 | -1 }));
}

/** A sum with its positive terms first, so that it begins with a minus only if it must. */
export function positiveFirst(terms: readonly SignedTerm[]): Expression {
  return terms.length === 0
    ? number(0)
    : readableSum(
        [...terms].sort((one, other) => other.sign - one.sign),
        "W",
      );
}

export function chain(...parts: Line["parts"]): Line {
  return { parts };
}
