import type { Issue, IssueCode } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { turnedRound } from "../problem/turned-round";

/** Issues that one flow in the wrong direction may cause. */
const MAY_BE_TURNED: readonly IssueCode[] = [
  "one-way-money",
  "no-rate-balances",
  "no-growth-balances",
  "no-count-balances",
  "goal-already-passed",
  "date-never-reached",
  "start-not-found",
];

/** A larger problem is not tried, nor one with longer lists: each trial costs one solution. */
const MOST_TRIED = 12;
const MOST_LISTED = 500;

/**
 * Adds, to every issue that a wrong direction may cause, the flow whose reversal makes the problem solvable.
 * The flow is found by trial, so the advice is right.
 *
 * @param isSolvable whether a problem has an answer
 */
export function withTurn(
  problem: Problem,
  issues: readonly Issue[],
  isSolvable: (problem: Problem) => boolean,
): readonly Issue[] {
  if (!issues.some(({ code }) => MAY_BE_TURNED.includes(code))) return issues;
  const turn = flowToTurn(problem, isSolvable);
  if (turn === null) return issues;
  return issues.map((found) => (MAY_BE_TURNED.includes(found.code) ? { ...found, turn } : found));
}

/** The last flow of the problem comes first: the flow that opposes the rest is usually written last. */
function flowToTurn(problem: Problem, isSolvable: (problem: Problem) => boolean): string | null {
  const listed = problem.flows.flatMap((flow) => (flow.kind === "list" ? flow.amounts : []));
  if (problem.flows.length > MOST_TRIED || listed.length > MOST_LISTED) return null;
  for (let index = problem.flows.length - 1; index >= 0; index -= 1) {
    const flow = problem.flows[index];
    if (flow === undefined || !("direction" in flow)) continue;
    const turned = turnedRound(flow, "turns");
    if (isSolvable({ ...problem, flows: problem.flows.with(index, turned) })) return turned.id;
  }
  return null;
}
