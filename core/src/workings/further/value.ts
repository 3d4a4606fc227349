import { chain, part } from "../compose/equation";
import { dateWords } from "../compose/flow-names";
import { number, of } from "../mathematics/expression";
import type { Step } from "../step";
import { worthAtDate } from "../unknown/worth";
import type { Story } from "./story";

/** What everything is worth at a date; nothing where it all balances. */
export function valueSteps({ composition, isBalanced }: Story, years: number): Step[] {
  if (!isBalanced) return worthAtDate(composition, years);
  const { sheet } = composition;
  const nothing = sheet.work(sheet.letter("V"), "money", number(0));
  return [
    {
      kind: "value",
      level: "short",
      say: `Money in and money out balance at this rate: together they are worth nothing ${dateWords(years)}, as at any other date.`,
      lines: [
        { ...chain(part(of(nothing), "symbols"), part(of(nothing), "values")), defines: nothing },
      ],
      value: 0,
      finds: nothing,
    },
  ];
}
