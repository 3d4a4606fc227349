import { sum } from "../../numbers/sum";
import type { Solution } from "../../solve/solution";
import { longMoneyLatex, numberLatex, textLatex } from "../latex";
import type { Step } from "../step";
import { sideLatex, sides, type Term } from "./terms";

export function rateSteps(terms: readonly Term[], solution: Solution): Step[] {
  const { inward, outward } = sides(terms);
  const roots = solution.answers.map(({ value }) => value);
  const worth = (list: readonly Term[]) =>
    sum(list.map(({ flow, factor }) => Math.abs(flow.amount) * factor));
  const several = roots.length > 1;
  return [
    {
      kind: "equation",
      say: "Money in and money out must be worth the same today.",
      latex: [`${sideLatex(inward)} = ${sideLatex(outward)}`],
    },
    {
      kind: "rearranged",
      say: several
        ? `No rearrangement has the rate by itself. The money changes direction more than once, and ${roots.length} rates balance it.`
        : "No rearrangement has the rate by itself, so it is enclosed between a rate that is too low and one that is too high until they meet.",
      latex: [],
    },
    {
      kind: "value",
      say: several ? "The rates that are found." : "The rate that is found.",
      latex: roots.map((root) => String.raw`${numberLatex(root)}\,\%`),
      value: roots[0] ?? 0,
    },
    {
      kind: "check",
      say: several ? "Put the first of them back in." : "Put it back in.",
      latex: [
        `${textLatex("in: ")} ${longMoneyLatex(worth(inward))}`,
        `${textLatex("out: ")} ${longMoneyLatex(worth(outward))}`,
      ],
    },
  ];
}
