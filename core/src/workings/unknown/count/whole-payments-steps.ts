import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { number, of, ONE, product, factorOf } from "../../mathematics/expression";
import { growingFuture, growthFactor, levelFuture } from "../../mathematics/factors";
import type { Composition } from "../../compose/composition";
import { tidy } from "../../compose/equation";
import type { Step } from "../../step";
import { signed, type Parts } from "./count-parts";
import { step } from "./solve-for-count";

const WORDS = STEP_WORDS.count;

/** "46 full payments", "no full payments". */
export function fullPayments(full: number, format: AnswerFormat): string {
  return WORDS.full(full === 0 ? "no" : writeFigure(full, format), full === 1);
}

/** The count in whole payments: the balance after the full ones, with its interest. */
export function wholeSteps(
  composition: Composition,
  { stream, rate, growth, isDue, owed, goal }: Parts,
): Step[] {
  const { solution, sheet } = composition;
  const whole = solution.facts.wholePayments;
  if (whole === undefined) return [];
  if (whole.smallerLast === undefined) {
    return [
      step(
        "value",
        "short",
        WORDS.exactly(WORDS.payments(writeFigure(whole.full, sheet.format), whole.full === 1)),
      ),
    ];
  }
  const full = number(whole.full);
  const i = of(rate);
  // At the date of the final payment, one period after the last full one.
  const periods = isDue ? whole.full : whole.full + 1;
  const paid =
    whole.full === 0
      ? null
      : product(
          stream.size,
          growth === null
            ? factorOf(levelFuture, i, full)
            : factorOf(growingFuture, i, of(growth), full),
          factorOf(growthFactor, i, ONE),
        );
  const grown = (count: number) =>
    count === 0 ? undefined : factorOf(growthFactor, i, number(count));
  const expression = tidy([
    ...signed(owed, 1, grown(periods)),
    ...(paid === null ? [] : [{ sign: -1 as const, of: paid }]),
    ...signed(goal, -1, grown(isDue ? -1 : 0)),
  ]);
  sheet.takeLines();
  const last = sheet.define(sheet.letter("L"), "money", expression);
  const lines = sheet.takeLines();
  return [
    {
      kind: "value",
      level: "short",
      say: WORDS.fullAndLast(
        fullPayments(whole.full, sheet.format),
        writeFigure(whole.full + 1, sheet.format),
      ),
      lines,
      value: last.value,
    },
  ];
}
