import { yearsAsked } from "../../../engine/solve/solved-problem";
import type { Composition } from "../compose/composition";
import { dateWords } from "../compose/flow-names";
import { fixedAt } from "../compose/moment";
import { sumOfWorths } from "../compose/sum-of-worths";
import { termsAt } from "../compose/terms";
import type { Step } from "../step";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

/** The net value at the focal date of the question. */
export function worthSteps(composition: Composition): Step[] {
  return worthAtDate(composition, yearsAsked(composition.solved) ?? 0);
}

/** The net value at a date: money in is positive, money out negative. */
export function worthAtDate(composition: Composition, focal: number): Step[] {
  const { list, stepsWithout } = termsAt(composition, fixedAt(focal));
  const { sheet } = composition;
  const [only] = list;
  const isOneSided = new Set(list.map(({ sign }) => sign)).size < 2;
  const name = `${isOneSided ? "" : "net "}${focal === 0 ? "present value" : `value ${dateWords(focal, composition.sheet)}`}`;
  const together = sumOfWorths(composition, list, sheet.letter("V"), {
    equation: STEP_WORDS.equation.netValue(name, focal === 0),
    value: STEP_WORDS.equation.add,
  });
  return [
    {
      kind: "balance-in-words",
      level: "every-step",
      say: STEP_WORDS.focalDate.netValue(name),
      lines: [],
    },
    ...stepsWithout(list.length === 1 ? (only?.worth ?? null) : null),
    ...together.steps,
  ];
}
