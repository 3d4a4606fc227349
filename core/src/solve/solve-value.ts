import { worthOf } from "../flows/flow-kinds";
import { issue } from "../issues/issue";
import { sum } from "../numbers/sum";
import { fail, succeed } from "../result";
import { yearsOf } from "../time/duration";
import { accumulationOf } from "../timeline/spells";
import type { Solver } from "./solver";

/** The worth of everything at one date, Σ amount · a(date)/a(t), signed: money in is positive. */
export const solveValue: Solver = ({ problem, timeline, unknown }) => {
  const at = problem.ask?.at;
  if (typeof at !== "string") {
    return fail(issue("not-solved-yet", [...unknown.path, "at"], { what: "stream" }));
  }
  const growth = accumulationOf(timeline);
  if (!growth.ok) return growth;
  const focal = yearsOf(at);
  const value = sum(timeline.flows.map((flow) => worthOf(flow, growth.value, focal).known));
  if (!Number.isFinite(value)) return fail(issue("answer-too-large", unknown.path, {}));
  return succeed([{ x: value, answer: { value, unit: "money" } }]);
};
