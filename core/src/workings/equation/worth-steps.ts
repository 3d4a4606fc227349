import type { Solution } from "../../solve/solution";
import { longMoneyLatex } from "../latex";
import type { Step } from "../step";
import { dateWords, movedStep, sides, termSymbols, type Term } from "./terms";

/** The worth of everything at one date: money in counts for, money out against. */
export function worthSteps(terms: readonly Term[], focal: number, solution: Solution): Step[] {
  const { inward, outward } = sides(terms);
  const total = solution.answers[0].value;
  const signed = (write: (term: Term) => string): string =>
    [inward.map(write).join(" + "), ...outward.map((term) => `- ${write(term)}`)]
      .filter((text) => text !== "")
      .join(" ");
  return [
    {
      kind: "equation",
      say: `The worth is what all amounts come to at ${dateWords(focal)}: money in counts for you, money out against you.`,
      latex: [`V = ${signed(termSymbols)}`],
    },
    movedStep(terms, focal),
    {
      kind: "value",
      say: "Add them up.",
      latex: [
        `V = ${signed(({ flow, factor }) => longMoneyLatex(Math.abs(flow.amount) * factor))}`,
        `V = ${longMoneyLatex(total)}`,
      ],
      value: total,
    },
  ];
}
