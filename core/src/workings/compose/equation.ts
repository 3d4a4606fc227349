import { isOpen } from "../mathematics/evaluate";
import {
  number,
  of,
  product,
  readableSum,
  type Expression,
  type SignedTerm,
} from "../mathematics/expression";
import type { Line, Step } from "../step";
import type { Composition } from "./composition";
import { listed } from "../../wording/listed";
import { dateWords, flowName } from "./flow-names";
import type { Term } from "./term";

/** The equation of value in words: what must be worth the same as what, and when. */
export function balanceInWords(composition: Composition, focal: number): Step {
  const { problem, solution } = composition;
  const named = (side: number) => [
    ...new Set(
      solution.settled.flows.flatMap((flow, index) =>
        sideOf(composition, index) === side ? [flowName(problem, flow)] : [],
      ),
    ),
  ];
  const [inward, outward] = [named(1), named(-1)];
  const mixed = named(0);
  const parts = [
    ...(inward.length === 0 ? [] : [`what comes in (${listed(inward)})`]),
    ...(outward.length === 0 ? [] : [`what goes out (${listed(outward)})`]),
  ];
  const when = focal === 0 ? "today" : `at one date, ${dateWords(focal)}`;
  const say =
    parts.length === 2
      ? `Everything valued ${when}: ${parts[0] ?? ""} must be worth just as much as ${parts[1] ?? ""}${mixed.length === 0 ? "" : `, with ${listed(mixed)} on their own sides`}.`
      : `Everything valued ${when}: all that comes in must be worth just as much as all that goes out.`;
  return { kind: "balance-in-words", level: "every-step", say, lines: [] };
}

/** +1 for money in, −1 for money out, 0 for a list, which may have both. */
function sideOf({ problem }: Composition, index: number): number {
  const flow = problem.flows[index];
  if (flow === undefined || !("direction" in flow)) return 0;
  return flow.direction === "in" ? 1 : -1;
}

/** A term as it stands in the equation. */
export function wholeOf({ size, factor }: Term): Expression {
  return product(size, factor);
}

/** A term with its value, where it has one. */
export function worthOf(term: Term): Expression {
  return term.worth === null ? wholeOf(term) : of(term.worth);
}

/** Money in on the left, money out on the right. */
export function equationStep(
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
    say: `The equation of value ${focal === 0 ? "today" : `at the date ${dateWords(focal)}`}: money in on the left, money out on the right.`,
    lines: [{ parts: [part(side(1), manner), part(side(-1), manner)] }],
  };
}

export function part(expression: Expression, manner: "symbols" | "values" | "numbers") {
  return { expression, manner };
}

/** What all known terms come to on the other side of an unknown one. */
export function otherSide(terms: readonly Term[], sign: 1 | -1): SignedTerm[] {
  return terms
    .filter(({ worth }) => worth !== null)
    .map((term) => ({ sign: term.sign === sign ? -1 : 1, of: worthOf(term) }));
}

/** Terms with the unknown, on its own side. */
export function ownSide(terms: readonly Term[], sign: 1 | -1): Term[] {
  return terms
    .filter((term) => isOpen(wholeOf(term)))
    .map((term) => ({ ...term, sign: (term.sign * sign) as 1 | -1 }));
}

/** A sum with its plus signs first, so that it does not begin with a minus where it need not. */
export function tidy(terms: readonly SignedTerm[]): Expression {
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
