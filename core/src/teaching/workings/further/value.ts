import { chain, part } from "../compose/equation";
import { dateWords } from "../compose/flow-names";
import { number, of } from "../mathematics/expression";
import type { Step } from "../step";
import { worthAtDate } from "../unknown/worth";
import type { Story } from "./story";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

/** The net value at a date; zero if the problem balances. */
export function valueSteps({ composition, isBalanced }: Story, years: number): Step[] {
  if (!isBalanced) return worthAtDate(composition, years);
  const { sheet } = composition;
  const zero = sheet.work(sheet.letter("V"), "money", number(0));
  return [
    {
      kind: "value",
      level: "short",
      say: STEP_WORDS.followUp.balanced(dateWords(years, composition.sheet)),
      lines: [{ ...chain(part(of(zero), "symbols"), part(of(zero), "values")), defines: zero }],
      value: 0,
      finds: zero,
    },
  ];
}
