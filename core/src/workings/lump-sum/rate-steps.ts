import { onePeriod } from "../../wording/quotation-words";
import { fractionLatex, givenLatex, numberLatex, powerLatex, TIMES } from "../latex";
import type { Step } from "../step";
import type { LumpSum } from "./lump-sum";
import { ratioLatex, ratioOf, yearsLatex } from "./notation";

export function rateSteps(lump: LumpSum): Step[] {
  const { period, years, count } = lump;
  const { symbol, rate, periodsPerYear, spell } = period;
  const ratio = fractionLatex("FV", "PV");
  if (period.isContinuous) {
    return [
      {
        kind: "rearranged",
        say: "Divide by PV and take logarithms on both sides.",
        latex: [String.raw`${symbol} = \frac{\ln(FV / PV)}{t}`],
      },
      {
        kind: "numbers",
        say: "Put the numbers in.",
        latex: [String.raw`${symbol} = \frac{1}{${yearsLatex(years)}}\,\ln ${ratioLatex(lump)}`],
      },
      {
        kind: "value",
        say: "Work it out.",
        latex: [
          `${symbol} = ${numberLatex(rate)} = ${String.raw`${numberLatex(spell.percent)}\,\%`}`,
        ],
        value: spell.percent,
      },
    ];
  }
  const isShared = spell.quotation.quoted === "nominal" && periodsPerYear !== 1;
  return [
    {
      kind: "rearranged",
      say: "Divide by PV, take the n-th root on both sides, subtract 1.",
      latex: [`(1+i)^{n} = ${ratio}`, String.raw`i = \left(${ratio}\right)^{1/n} - 1`],
    },
    {
      kind: "numbers",
      say: "Put the numbers in.",
      latex: [String.raw`i = \left(${ratioLatex(lump)}\right)^{1/${numberLatex(count)}} - 1`],
    },
    {
      kind: "value",
      say: `Work it out: the rate for ${onePeriod(period.noun)}.`,
      latex: [
        `i = ${powerLatex(numberLatex(ratioOf(lump)), numberLatex(1 / count))} - 1 = ${numberLatex(rate)}`,
        ...(isShared ? [] : [String.raw`i = ${numberLatex(spell.percent)}\,\%`]),
      ],
      value: isShared ? rate : spell.percent,
    },
    ...(isShared
      ? [
          {
            kind: "value" as const,
            say: "The yearly rate, as it is quoted.",
            latex: [
              String.raw`j = m${TIMES}i = ${givenLatex(periodsPerYear)}${TIMES}${numberLatex(rate)} = ${numberLatex(spell.percent)}\,\%`,
            ],
            value: spell.percent,
          },
        ]
      : []),
  ];
}
