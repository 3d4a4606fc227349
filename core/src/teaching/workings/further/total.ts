import { lineOf } from "../compose/sheet";
import { evaluate } from "../mathematics/evaluate";
import { readableSum, sum, type SignedTerm } from "../mathematics/expression";
import type { Step } from "../step";
import { foundStep } from "../steps";
import type { Story } from "./story";
import { ALWAYS, totalOf } from "./totals";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

/** The undiscounted sum of one flow, or of all money in or out. */
export function totalSteps(story: Story, of: string): Step[] {
  const { sheet, flows } = story.composition;
  const isAll = of === "in" || of === "out";
  const signs: readonly (1 | -1)[] = of === "in" ? [1] : of === "out" ? [-1] : [1, -1];
  const { value: own, conversions } = sheet.record(() =>
    signs.flatMap((sign) =>
      flows.flatMap((_, index): SignedTerm[] => {
        if (!isAll && story.ownerOf(index) !== of) return [];
        const total = totalOf(story, index, sign, ALWAYS);
        return total === null ? [] : [{ sign: isAll ? 1 : sign, of: total }];
      }),
    ),
  );
  // The total of one flow is positive, whatever its direction.
  const isOut = evaluate(sum(own)) < 0;
  const terms = isOut ? own.map((term) => ({ ...term, sign: -term.sign as 1 | -1 })) : own;
  const total = sheet.work(sheet.letter("T"), "money", readableSum(terms, "C"));
  return [...conversions, foundStep(STEP_WORDS.followUp.sum, total, lineOf(total))];
}
