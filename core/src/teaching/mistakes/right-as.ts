import type { Problem } from "../../engine/problem/schema";
import { flowOfUnknown } from "../../engine/problem/unknown";
import type { Solution } from "../../engine/solve/solution";
import { agrees, agreesInSize, type Claim } from "../../engine/numbers/claim";

/** The forms in which an answer may be correct: a rate as a decimal, a count in whole payments or in years. */
export type RightAs = "it is" | "decimal" | "whole payments" | "years" | "size";

export function rightAs(solution: Solution, claim: Claim, problem: Problem): RightAs | null {
  const { unknown, answers, facts } = solution;
  for (const { value, unit } of answers) {
    switch (unit) {
      case "money": {
        if (agrees(claim, value)) return "it is";
        // The value of money in one direction only has no sign to lose.
        const isOneSided = facts.totalIn === 0 || facts.totalOut === 0;
        if (unknown.kind === "value" && isOneSided && agreesInSize(claim, value)) return "size";
        break;
      }
      case "percent":
        if (agrees(claim, value)) return "it is";
        if (claim.isPercent !== true && claim.half < 0.005 && agrees(claim, value / 100)) {
          return "decimal";
        }
        break;
      case "years":
        if (agrees(claim, value)) return "it is";
        // "3.7 years ago" is also told as 3.7.
        if (value < 0 && agreesInSize(claim, value)) return "it is";
        break;
      case "payments": {
        const flow = problem.flows[flowOfUnknown(unknown) ?? 0];
        const stream = facts.streams.find(({ id }) => id === flow?.id);
        const years = facts.wholePayments?.years;
        if (claim.isTime === true) {
          const exact =
            stream === undefined || years === undefined ? null : value * periodOf(stream);
          if (exact !== null && agrees(claim, exact)) return "years";
          if (years !== undefined && agrees(claim, years)) return "years";
          break;
        }
        const whole = facts.wholePayments;
        const last = whole?.last === null || whole === undefined ? null : whole.full + 1;
        const isWhole = Number.isInteger(claim.value) && claim.half >= 0.5;
        if (isWhole && last !== null && (claim.value === whole?.full || claim.value === last)) {
          return "whole payments";
        }
        if (agrees(claim, value)) return "it is";
        break;
      }
    }
  }
  return null;
}

/** The years between two payments of a stream. */
function periodOf({
  payments,
  firstYears,
  lastYears,
}: Solution["facts"]["streams"][number]): number {
  return payments === null || lastYears === null || payments < 2
    ? 1
    : (lastYears - firstYears) / (payments - 1);
}
