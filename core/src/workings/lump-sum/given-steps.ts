import type { Problem } from "../../problem/schema";
import { durationWords, formatYears } from "../../wording/format-time";
import { quotationWords, onePeriod } from "../../wording/quotation-words";
import { givenLatex, numberLatex, percentLatex, textLatex, TIMES, UNKNOWN_LATEX } from "../latex";
import { quotedSymbol } from "../spell-period";
import type { Step } from "../step";
import type { LumpSum } from "./lump-sum";
import { growthSymbols, sizeLatex, yearsLatex } from "./notation";

export function givenStep(problem: Problem, lump: LumpSum): Step {
  const { present, future, period, unknown } = lump;
  const rate = problem.rates[0];
  const quoted = rate === undefined ? "" : quotationWords(period.spell.quotation);
  const figure = unknown === "rate" ? UNKNOWN_LATEX : percentLatex(period.spell.percent);
  const frequency =
    period.isContinuous || period.periodsPerYear === 1
      ? ""
      : String.raw`,\quad m = ${givenLatex(period.periodsPerYear)}`;
  return {
    kind: "given",
    say: "What is known, and what is asked.",
    latex: [
      String.raw`PV = ${unknown === "present" ? UNKNOWN_LATEX : sizeLatex(present)},\quad FV = ${unknown === "future" ? UNKNOWN_LATEX : sizeLatex(future)}`,
      String.raw`${quotedSymbol(period)} = ${figure} \;${textLatex(quoted)}${frequency}`,
      `t = ${unknown === "time" ? UNKNOWN_LATEX : textLatex(timeWords(problem, lump))}`,
    ],
  };
}

/** The time between the two amounts as it was put in, where one of them is today. */
function timeWords(problem: Problem, { present, future, years }: LumpSum): string {
  const later = problem.flows.find(({ id }) => id === future.id);
  const typed = later?.kind === "single" && typeof later.at === "string" ? later.at : null;
  return present.at === 0 && typed !== null ? durationWords(typed) : formatYears(years, 6);
}

export function countStep({ period, years, count }: LumpSum): Step {
  const { periodsPerYear, noun } = period;
  return {
    kind: "number-of-periods",
    say: `The time in ${noun === "year" ? "years" : `periods of ${onePeriod(noun)}`}.`,
    latex: [
      periodsPerYear === 1
        ? `n = ${numberLatex(count)}`
        : `n = m${TIMES}t = ${givenLatex(periodsPerYear)}${TIMES}${yearsLatex(years)} = ${numberLatex(count)}`,
    ],
    value: count,
  };
}

export function equationStep(lump: LumpSum): Step {
  return {
    kind: "equation",
    say: lump.period.isContinuous
      ? "One amount grows without pause into the other."
      : `One amount grows by the rate, once for each ${lump.period.noun}, into the other.`,
    latex: [`FV = PV${TIMES}${growthSymbols(lump)}`],
  };
}
