import { valueAt } from "../../numbers/affine";
import { resolvePosition } from "../../timeline/positions";
import { of, readableSum } from "../mathematics/expression";
import type { Composition } from "../compose/composition";
import { chain, part, wholeOf, worthOf } from "../compose/equation";
import { dateWords } from "../compose/flow-names";
import { fixedAt } from "../compose/moves";
import { termsAt } from "../compose/terms";
import type { Step } from "../step";

/** What everything is worth at the date that is asked about: money in counts for, money out against. */
export function worthSteps(composition: Composition): Step[] {
  const { problem, sheet } = composition;
  const focal = valueAt(resolvePosition(problem, problem.ask?.at ?? "P0D"), 0);
  const { list, steps } = termsAt(composition, fixedAt(focal));
  const symbols = readableSum(
    list.map((term) => ({ sign: term.sign, of: wholeOf(term) })),
    "W",
  );
  const values = readableSum(
    list.map((term) => ({ sign: term.sign, of: worthOf(term) })),
    "W",
  );
  const worth = sheet.define(sheet.letter("V"), "money", values);
  const letter = part(of(worth), "symbols");
  return [
    {
      kind: "balance-in-words",
      level: "every-step",
      say: `Nothing has to balance here: the question is what it is all worth ${dateWords(focal)}. Money in counts for you, money out against you.`,
      lines: [],
    },
    ...steps,
    {
      kind: "equation",
      level: "short",
      say: `The worth ${dateWords(focal)} is the sum of what each amount is worth then.`,
      lines: [chain(letter, part(symbols, "symbols"))],
    },
    {
      kind: "numbers",
      level: "short",
      say: "Put the numbers in.",
      lines: [chain(letter, part(symbols, "numbers"))],
    },
    {
      kind: "value",
      level: "short",
      say: "Add them up.",
      lines: [
        { ...chain(letter, part(values, "values"), part(of(worth), "values")), defines: worth },
      ],
      value: worth.value,
      finds: worth,
    },
  ];
}
