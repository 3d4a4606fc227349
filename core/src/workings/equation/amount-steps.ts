import { sum } from "../../numbers/sum";
import type { Solution } from "../../solve/solution";
import { fractionLatex, longMoneyLatex, numberLatex } from "../latex";
import { ownSingle } from "../singles";
import type { Step } from "../step";
import { dateWords, movedStep, sideLatex, sides, type Term } from "./terms";

/** An unknown amount, with whatever hangs on it, brought to one side of the equation. */
export function amountSteps(terms: readonly Term[], focal: number, solution: Solution): Step[] {
  const { inward, outward } = sides(terms);
  const value = solution.answers[0].value;
  const known = terms.filter(({ perUnknown }) => perUnknown === 0);
  const ofUnknown = terms.filter(({ perUnknown }) => perUnknown !== 0);
  const side = ownSingle(solution).amount < 0 ? -1 : 1;
  const worth = ({ flow, factor }: Term) => -side * flow.amount * factor;
  const coefficient = sum(
    ofUnknown.map(
      ({ flow, perUnknown, factor }) => side * Math.sign(flow.amount) * perUnknown * factor,
    ),
  );
  const right = known.map(worth);
  const written = right
    .map((figure, index) => {
      const sign = figure < 0 ? "-" : index === 0 ? "" : "+";
      return `${sign} ${longMoneyLatex(Math.abs(figure))}`.trim();
    })
    .join(" ");
  const standsAlone = ofUnknown.length === 1;
  const left = standsAlone ? "X" : `${numberLatex(coefficient)}\\,X`;
  return [
    {
      kind: "equation",
      say: `Money in and money out must be worth the same at ${dateWords(focal)}.`,
      latex: [`${sideLatex(inward)} = ${sideLatex(outward)}`],
    },
    movedStep(terms, focal),
    ...(right.length === 1 && standsAlone
      ? []
      : [
          {
            kind: "rearranged" as const,
            say: standsAlone
              ? "Bring X to one side by itself."
              : "Bring all the multiples of X to one side.",
            latex: [`${left} = ${written === "" ? "0" : written}`],
          },
        ]),
    {
      kind: "value",
      say: "Work it out.",
      latex: [
        ...(standsAlone
          ? []
          : [`X = ${fractionLatex(longMoneyLatex(sum(right)), numberLatex(coefficient))}`]),
        `X = ${longMoneyLatex(value)}`,
      ],
      value,
    },
  ];
}
