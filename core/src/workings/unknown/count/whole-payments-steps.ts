import { formatFigure } from "../../../wording/format-number";
import { number, of, ONE, product, factorOf } from "../../mathematics/expression";
import { growingFuture, growthFactor, levelFuture } from "../../mathematics/factors";
import type { Composition } from "../../compose/composition";
import { tidy } from "../../compose/equation";
import type { Step } from "../../step";
import { signed, type Parts } from "./count-parts";
import { step } from "./solve-for-count";

/** What the count comes to in whole payments: what is left after the full ones, with its interest. */
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
        `These are ${formatFigure(whole.full)} whole payments, and nothing is left over.`,
      ),
    ];
  }
  const full = number(whole.full);
  const i = of(rate);
  // At the time of the last payment, which is one period after the last full one.
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
      say: `Payments cannot be split: ${formatFigure(whole.full)} are paid in full, and payment ${formatFigure(whole.full + 1)} is what is still missing then.`,
      lines,
      value: last.value,
    },
  ];
}
