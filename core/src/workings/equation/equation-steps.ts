import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { ratePerPeriodStep } from "../spell-period";
import type { Step } from "../step";
import { amountSteps } from "./amount-steps";
import { dateSteps } from "./date-steps";
import { givenStep } from "./given-step";
import { rateSteps } from "./rate-steps";
import { focalDate, isUnknownSpell, periodsOf, termsOf } from "./terms";
import { twoAmountsRateSteps } from "./two-amounts-rate-steps";
import { worthSteps } from "./worth-steps";

/**
 * The workings by the general equation of value: every amount is moved to one date, and there money
 * in and money out are set equal. For several amounts, several rates, or a worth.
 */
export function equationSteps(problem: Problem, solution: Solution): Step[] {
  const periods = periodsOf(solution);
  const conversions = periods
    .filter((_, index) => !isUnknownSpell(solution, index))
    .map(ratePerPeriodStep);
  const focal = focalDate(problem, solution);
  const terms = termsOf(problem, solution, periods, focal);
  const given = givenStep(problem, solution, periods);
  switch (solution.unknown.kind) {
    case "value":
      return [given, ...conversions, ...worthSteps(terms, focal, solution)];
    case "amount":
      return [given, ...conversions, ...amountSteps(terms, focal, solution)];
    case "at":
      return [given, ...conversions, ...dateSteps(solution, periods)];
    default: {
      const closed = twoAmountsRateSteps(terms, solution, periods);
      return [given, ...conversions, ...(closed ?? rateSteps(terms, solution))];
    }
  }
}
