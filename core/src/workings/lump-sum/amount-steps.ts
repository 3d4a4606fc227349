import {
  fractionLatex,
  givenLatex,
  longMoneyLatex,
  exponentLatex,
  numberLatex,
  powerLatex,
  TIMES,
} from "../latex";
import type { Step } from "../step";
import type { LumpSum } from "./lump-sum";
import { growthSymbols, onePlus, sizeLatex, yearsLatex } from "./notation";

export function amountSteps(lump: LumpSum): Step[] {
  const { present, future, period, years, count, unknown } = lump;
  const factor = Math.exp(period.spell.force * years);
  const exponent = exponentLatex(count);
  const base = period.isContinuous
    ? String.raw`e^{${givenLatex(period.rate)} \times ${yearsLatex(years)}}`
    : powerLatex(onePlus(period.rate), exponent);
  const forwards = unknown === "future";
  const [symbol, known, found] = forwards ? ["FV", present, future] : ["PV", future, present];
  const numbers = forwards
    ? `${sizeLatex(known)}${TIMES}${base}`
    : fractionLatex(sizeLatex(known), base);
  const worked = forwards
    ? `${sizeLatex(known)}${TIMES}${numberLatex(factor)}`
    : fractionLatex(sizeLatex(known), numberLatex(factor));
  return [
    ...(forwards
      ? []
      : [
          {
            kind: "rearranged" as const,
            say: "Divide by the growth to have the present value by itself.",
            latex: [`PV = ${fractionLatex("FV", growthSymbols(lump))}`],
          },
        ]),
    { kind: "numbers", say: "Put the numbers in.", latex: [`${symbol} = ${numbers}`] },
    {
      kind: "value",
      say: "Work it out.",
      latex: [`${symbol} = ${worked}`, `${symbol} = ${longMoneyLatex(Math.abs(found.amount))}`],
      value: Math.abs(found.amount),
    },
  ];
}
