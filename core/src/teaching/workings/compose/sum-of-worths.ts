import { of, readableSum, type Letter, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import type { Composition } from "./composition";
import { chain, part, wholeOf, worthOf } from "./equation";
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
  const values = readableSum(
    terms.map((term) => ({ sign: term.sign, of: worthOf(term) })),
    "W",
  );
  const found = sheet.define(letter, "money", values);
  const name = part(of(found), "symbols");
  const steps: Step[] = [
    {
      kind: "equation",
      level: "short",
      say: says.equation,
      lines: [chain(name, part(symbols, "symbols"))],
    },
    {
      kind: "numbers",
      level: "short",
      say: STEP_WORDS.solve.substitute,
      lines: [chain(name, part(symbols, "numbers"))],
    },
    {
      kind: "value",
      level: "short",
      say: says.value,
      lines: [
        { ...chain(name, part(values, "values"), part(of(found), "values")), defines: found },
      ],
      value: found.value,
      finds: found,
    },
  ];
  return { steps, found };
}
