import { followUpWords, type SolvedProblem, type AnswerFormat } from "@kestrelmoor/core";
import {
  furtherWorkings,
  isSameFigure,
  workings,
  type Quantity,
  type Step,
  type Workings,
  type WorkingsOptions,
} from "@kestrelmoor/core/teaching";

/** The workings of the problem's own question, or of a further one; steps are counted through them all. */
export interface WorkingsPart {
  /** The further question in words; `null` for the problem's own. */
  readonly question: string | null;
  readonly made: Workings;
  /** Whether a balance is found in it. */
  readonly isOfBalance: boolean;
  /** Steps of the parts before it. */
  readonly before: number;
}

export type WorkingsParts = readonly [WorkingsPart, ...WorkingsPart[]];

/** The workings of all that a problem asks, in the order in which it asks. */
export function workingsParts(
  solved: SolvedProblem,
  options: WorkingsOptions & { readonly format: AnswerFormat },
): WorkingsParts {
  const own = workings(solved, options);
  let before = own.steps.length;
  const further = furtherWorkings(solved, own, options).flatMap((made): WorkingsPart[] => {
    if (made === null) return [];
    const part = {
      question: followUpWords(made.question, solved.problem, options.format),
      made,
      isOfBalance: ["balance", "interest", "principal"].includes(made.question.find),
      before,
    };
    before += made.steps.length;
    return [part];
  });
  return [{ question: null, made: own, isOfBalance: false, before: 0 }, ...further];
}

/** Which step works a quantity out, counted through all parts; −1 where none that is shown does. */
export function stepThatDefines(quantity: Quantity, parts: WorkingsParts): number {
  const steps = parts.flatMap(({ made }) => made.steps);
  const defining = (is: (one: Quantity) => boolean) =>
    steps.findIndex(({ lines }: Step) =>
      lines.some(({ defines }) => defines !== undefined && is(defines)),
    );
  const own = defining((one) => one === quantity);
  // A further question reckons with what was worked out before, under the same letter.
  return own >= 0 ? own : defining((one) => isSameFigure(one, quantity));
}
