import { onePeriod } from "../../wording/quotation-words";
import { fractionLatex, givenLatex, numberLatex } from "../latex";
import type { Step } from "../step";
import type { LumpSum } from "./lump-sum";
import { onePlus, ratioLatex, ratioOf, sizeLatex } from "./notation";

export function timeSteps(lump: LumpSum): Step[] {
  const { period, years, count } = lump;
  const logRatio = Math.log(ratioOf(lump));
  if (period.isContinuous) {
    return [
      {
        kind: "rearranged",
        say: "Divide by PV and take logarithms on both sides.",
        latex: [String.raw`t = \frac{\ln(FV / PV)}{\delta}`],
      },
      {
        kind: "numbers",
        say: "Put the numbers in.",
        latex: [
          String.raw`t = \frac{1}{${givenLatex(period.rate)}}\,\ln ${ratioLatex(lump)} = ${fractionLatex(numberLatex(logRatio), givenLatex(period.rate))}`,
        ],
      },
      {
        kind: "value",
        say: "Work it out, in years.",
        latex: [`t = ${numberLatex(years)}`],
        value: years,
      },
    ];
  }
  return [
    {
      kind: "rearranged",
      say: "Divide by PV and take logarithms on both sides.",
      latex: [
        `(1+i)^{n} = ${fractionLatex("FV", "PV")}`,
        String.raw`n = \frac{\ln(FV / PV)}{\ln(1+i)}`,
      ],
    },
    {
      kind: "numbers",
      say: "Put the numbers in.",
      latex: [
        String.raw`n = \frac{\ln(${sizeLatex(lump.future)} / ${sizeLatex(lump.present)})}{\ln(${onePlus(period.rate)})} = ${fractionLatex(numberLatex(logRatio), numberLatex(Math.log1p(period.rate)))}`,
      ],
    },
    {
      kind: "value",
      say: `Work it out: the number of ${period.noun === "year" ? "years" : `periods of ${onePeriod(period.noun)}`}.`,
      latex: [`n = ${numberLatex(count)}`],
      value: count,
    },
    ...(period.periodsPerYear === 1
      ? []
      : [
          {
            kind: "value" as const,
            say: "The same in years.",
            latex: [
              `t = ${fractionLatex("n", "m")} = ${fractionLatex(numberLatex(count), givenLatex(period.periodsPerYear))} = ${numberLatex(years)}`,
            ],
            value: years,
          },
        ]),
  ];
}
