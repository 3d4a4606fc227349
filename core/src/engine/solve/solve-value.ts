import { issue } from "../issues/issue";
import { isSameTime } from "../numbers/compare";
import { fail, succeed } from "../result";
import { resolvePosition } from "../timeline/positions";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import { onlyRoot, type Solver } from "./solver";
import { checkConvergence, worthAt } from "./worth";

/** The value of all flows at one date, Σ amount · a(date)/a(t), signed: money in is positive. */
export const solveValue: Solver<"value"> = ({ problem, timeline, unknown }) => {
  if (problem.ask === undefined) throw new TypeError("Nothing is asked");
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return growth;
  const flows = settleFlows(timeline.flows, 0);
  const focal = resolvePosition(problem, problem.ask.at).known;
  if (timeline.focal !== null && problem.focal !== undefined) {
    const given = resolvePosition(problem, problem.focal).known;
    if (!isSameTime(given, focal)) return fail(issue("focal-beside-ask", ["focal"], {}));
  }
  const converges = checkConvergence(flows, growth.value, focal);
  if (!converges.ok) return converges;
  const { value } = worthAt(flows, growth.value, focal);
  if (!Number.isFinite(value)) return fail(issue("answer-too-large", unknown.path, {}));
  return succeed(onlyRoot(value, { value, unit: "money" }, "linear"));
};
