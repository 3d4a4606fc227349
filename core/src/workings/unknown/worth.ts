import { valueAt } from "../../numbers/affine";
import { resolvePosition } from "../../timeline/positions";
import type { Composition } from "../compose/composition";
import { dateWords } from "../compose/flow-names";
import { fixedAt } from "../compose/moves";
import { sumOfWorths } from "../compose/sum-of-worths";
import { termsAt } from "../compose/terms";
import type { Step } from "../step";

/** What everything is worth at the date that is asked about. */
export function worthSteps(composition: Composition): Step[] {
  const { problem } = composition;
  return worthAtDate(composition, valueAt(resolvePosition(problem, problem.ask?.at ?? "P0D"), 0));
}

/** Money in counts for, money out against. */
export function worthAtDate(composition: Composition, focal: number): Step[] {
  const { list, steps } = termsAt(composition, fixedAt(focal));
  const { sheet } = composition;
  const together = sumOfWorths(composition, list, sheet.letter("V"), {
    equation: `The worth ${dateWords(focal)} is the sum of what each amount is worth then.`,
    value: "Add them up.",
  });
  return [
    {
      kind: "balance-in-words",
      level: "every-step",
      say: `Nothing has to balance here: the question is what it is all worth ${dateWords(focal)}. Money in counts for you, money out against you.`,
      lines: [],
    },
    ...steps,
    ...together.steps,
  ];
}
