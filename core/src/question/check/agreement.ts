import type { Problem } from "../../engine/problem/schema";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import type { AskKind } from "../asked/ask-kind";

/**
 * Whether the unknown of a problem is of the kind that the question asks for. A reading that finds a loan where a
 * payment is asked has gone wrong somewhere.
 */
export function agrees(kind: AskKind, problem: Problem): boolean {
  if (kind === "count" || kind === "time" || kind === "begins") return isTimeUnknown(problem);
  if (kind === "rate") return problem.rates.some(({ percent }) => percent === null);
  const stream = problem.flows.find((flow) => flow.kind === "stream");
  if (stream?.kind !== "stream") return agreesWithoutPayments(kind, problem);
  const single = problem.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  const isLate = single?.kind === "single" && single.at !== "P0D";
  const isValue = problem.ask !== undefined;
  switch (kind) {
    case "payment":
      // "What payment finishes it?" may be a last one, and "what would you pay" a price.
      return single === undefined && !isValue;
    case "future":
    case "final":
      return single === undefined || isLate;
    case "present":
    case "start":
      return (
        isValue ||
        (single !== undefined && !isLate) ||
        problem.flows.every((flow) => flow.kind !== "single")
      );
    default:
      return true;
  }
}

/** Whether what is unknown is how many, how long or when. */
function isTimeUnknown({ flows }: Problem): boolean {
  return flows.some((flow) => {
    if (flow.kind === "single") return flow.at === null;
    return flow.kind === "stream" && (flow.count === null || flow.begins === null);
  });
}

function agreesWithoutPayments(kind: AskKind, problem: Problem): boolean {
  const single = problem.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  if (single?.kind !== "single") return true;
  const isLate = single.at !== "P0D";
  if (kind === "future" || kind === "final") return isLate;
  return kind === "present" || kind === "start" ? !isLate : true;
}

/** Whether an answer can be meant: one that goes the other way round, or lies before today, was not asked for. */
export function isSensible({ answers }: SolvedProblem): boolean {
  return answers.every(
    ({ turned, unit, value }) =>
      turned !== true && (unit === "percent" || value >= 0 || unit === "money"),
  );
}
