import type { Issue, IssueCode } from "../issues/issue";
import type { Flow, Problem } from "../problem/schema";

/** Reasons that one flow going the wrong way may be behind. */
const MAY_BE_TURNED: readonly IssueCode[] = [
  "one-way-money",
  "no-rate-balances",
  "no-growth-balances",
  "no-count-balances",
  "goal-already-passed",
  "date-before-today",
  "date-never-reached",
  "start-not-found",
];

/** Flows beyond this are not tried, nor are streams in longer lists: each trial costs an answer. */
const MOST_TRIED = 12;
const MOST_LISTED = 500;

/**
 * Names the flow whose direction, turned round, would make a problem solvable, on every issue that such
 * a slip may be behind. The flow is found by trying, so that the advice holds.
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

/** The latest flow in the problem's order comes first: what stands against the rest is usually said last. */
function flowToTurn(problem: Problem, isSolvable: (problem: Problem) => boolean): string | null {
  const listed = problem.flows.flatMap((flow) => (flow.kind === "list" ? flow.amounts : []));
  if (problem.flows.length > MOST_TRIED || listed.length > MOST_LISTED) return null;
  for (let index = problem.flows.length - 1; index >= 0; index -= 1) {
    const flow = problem.flows[index];
    const turned = flow === undefined ? null : turnedRound(flow);
    if (turned === null) continue;
    if (isSolvable({ ...problem, flows: problem.flows.with(index, turned) })) return turned.id;
  }
  return null;
}

function turnedRound(flow: Flow): Flow | null {
  if (!("direction" in flow)) return null;
  return { ...flow, direction: flow.direction === "in" ? "out" : "in" };
}
