import {
  of,
  readableSum,
  type Expression,
  type Letter,
  type Quantity,
} from "../mathematics/expression";
import type { Step } from "../step";
import type { Composition } from "./composition";
import { chain, part, stagedOf, wholeOf, worthOf } from "./equation";
import { foundStep, step, substitutedSteps } from "../steps";
import type { Term } from "./term";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

interface Says {
  readonly equation: string;
  readonly value: string;
}

/** The sum of some terms: in letters, in numbers, and its value. */
export function sumOfWorths(
  { sheet }: Composition,
  terms: readonly Term[],
  letter: Letter,
  says: Says,
): { readonly steps: readonly Step[]; readonly found: Quantity } {
  const symbols = readableSum(
    terms.map((term) => ({ sign: term.sign, of: wholeOf(term) })),
    "W",
  );
  const isOne = terms.length === 1;
  const values = readableSum(
    terms.map((term) => ({ sign: term.sign, of: isOne ? stagedOf(term) : worthOf(term) })),
    "W",
  );
  const found = sheet.define(letter, "money", values);
  const name = part(of(found), "symbols");
  const resultOf = (sum: Expression) => ({
    ...chain(name, part(sum, "values"), part(of(found), "values")),
    defines: found,
  });
  const numbers = chain(name, part(symbols, "numbers"));
  return {
    found,
    steps: [
      step("equation", "short", says.equation, chain(name, part(symbols, "symbols"))),
      ...(isOne
        ? substitutedSteps(found, {
            inNumbers: numbers,
            inValues: [resultOf(symbols)],
            inStages: [resultOf(values)],
          })
        : [
            step("numbers", "short-alone", STEP_WORDS.solve.substitute, numbers),
            foundStep(says.value, found, resultOf(values)),
          ]),
    ],
  };
}
