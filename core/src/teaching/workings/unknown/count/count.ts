import type { WholePayments } from "../../../../engine/solve/solution";
import type { AnswerFormat } from "../../../../wording/answer-format";
import { fullPayments } from "../../../../wording/count-words";
import { formatYearsMonthsDays } from "../../../../wording/format-time";
import { STEP_WORDS } from "../../../../wording/teaching/step-words";
import { of } from "../../mathematics/expression";
import type { Composition } from "../../compose/composition";
import { balanceInWords, chain, equationStep, part } from "../../compose/equation";
import type { Step } from "../../step";
import { foundStep, step } from "../../steps";
import { numericSteps } from "../numeric";
import { countParts } from "./count-parts";
import { forGrowing, forLevel, withoutRate } from "./solve-for-count";
import { unknownCount } from "./unknown-count";
import { wholeSteps } from "./whole-payments-steps";

/** An unknown number of payments: by logarithms if the equation has one power, otherwise numerically. */
export function countSteps(composition: Composition): Step[] {
  const closed = composition.isCompound ? byLogarithms(composition) : null;
  if (closed !== null) return closed;
  const { facts } = composition.solved;
  const { format } = composition.sheet;
  const searched = numericSteps(composition, soughtCount);
  const { letter } = unknownCount(composition);
  const found = composition.sheet.work(letter, "count", searched.found);
  return [
    ...searched.steps,
    foundStep(
      STEP_WORDS.count.found,
      found,
      chain(part(of(found), "symbols"), part(of(found), "values")),
    ),
    ...inPractice(facts.wholePayments, format),
  ];
}

function inPractice(whole: WholePayments | undefined, format: AnswerFormat): Step[] {
  if (whole === undefined || whole.kind === "exact") return [];
  const full = fullPayments(whole.full, format);
  const say =
    whole.goalReachedYears === undefined
      ? STEP_WORDS.count.fullAndFinal(full)
      : STEP_WORDS.count.interestAloneAt(
          full,
          formatYearsMonthsDays(whole.goalReachedYears, format),
        );
  return [step("value", "short", say)];
}

function soughtCount(composition: Composition) {
  return {
    quantity: unknownCount(composition),
    head: "n",
    shown: (count: number) => count,
    toX: (count: number) => count,
    unit: 1 as const,
    ...(composition.isCompound
      ? { why: STEP_WORDS.count.numerically }
      : { why: STEP_WORDS.count.oneByOne, hasNoEquation: true as const }),
  };
}

function byLogarithms(composition: Composition): Step[] | null {
  const parts = countParts(composition);
  if (parts === null) return null;
  const { begin, rate, growth, list, steps } = parts;
  const found =
    growth !== null
      ? forGrowing(composition, parts, growth)
      : rate.value === 0
        ? withoutRate(composition, parts)
        : forLevel(composition, parts);
  if (found === null) return null;
  return [
    balanceInWords(composition, begin),
    ...steps,
    equationStep(composition, list, begin),
    ...found.steps,
    ...wholeSteps(composition, parts),
  ];
}
