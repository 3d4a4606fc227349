import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { numberLatex } from "../latex";
import { ratePerPeriodStep } from "../spell-period";
import { ownSingle } from "../singles";
import type { Step } from "../step";
import { amountSteps } from "./amount-steps";
import { countStep, equationStep, givenStep } from "./given-steps";
import type { LumpSum } from "./lump-sum";
import { rateSteps } from "./rate-steps";
import { timeSteps } from "./time-steps";

/** The workings of the textbook case, one thing at a time, up to the value before rounding. */
export function lumpSumSteps(problem: Problem, solution: Solution, lump: LumpSum): Step[] {
  const { unknown, period } = lump;
  return [
    givenStep(problem, lump),
    ...(unknown === "rate" ? [] : [ratePerPeriodStep(period)]),
    ...(unknown === "time" || period.isContinuous ? [] : [countStep(lump)]),
    equationStep(lump),
    ...rearranged(lump),
    ...(unknown === "time" ? [dateStep(solution, lump)] : []),
  ];
}

function rearranged(lump: LumpSum): Step[] {
  switch (lump.unknown) {
    case "future":
    case "present":
      return amountSteps(lump);
    case "rate":
      return rateSteps(lump);
    case "time":
      return timeSteps(lump);
  }
}

/** Where the other amount is not today, the time between the two still has to become a date. */
function dateStep(solution: Solution, lump: LumpSum): Step {
  const { present, future, years } = lump;
  const asked = ownSingle(solution);
  const [other, sign] = asked === future ? [present, "+"] : [future, "-"];
  const date = asked.at;
  return {
    kind: "value",
    say: "The date, counted from today.",
    latex:
      other.at === 0
        ? []
        : [`${numberLatex(other.at)} ${sign} ${numberLatex(years)} = ${numberLatex(date)}`],
    value: date,
  };
}
