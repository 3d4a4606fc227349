import { withNumber } from "../fields/problem-figures";
import { accumulationOf } from "../timeline/spells";
import { resolveTimeline } from "../timeline/resolve-timeline";
import { settleFlows } from "../timeline/settle-timeline";
import { answerFollowUps } from "./follow-ups";
import type { SolvedProblem } from "./solved-problem";

/**
 * A solved problem as somebody has it who found another number: follow-ups are of that number too.
 *
 * @param value in the unit of the answer
 * @returns `null` where no timeline has that number in it
 */
export function answeredWith(solved: SolvedProblem, value: number): SolvedProblem | null {
  const { problem, unknown, answers } = solved;
  const other: SolvedProblem = { ...solved, answers: [{ ...answers[0], value }] };
  if (unknown.kind === "value") return other;
  const known = withNumber(problem, unknown.field, value);
  const timeline = resolveTimeline(known);
  const growth = timeline.ok ? accumulationOf(timeline.value.spells, 0) : null;
  if (!timeline.ok || growth?.ok !== true) return null;
  const account = { flows: settleFlows(timeline.value.flows, 0), growth: growth.value, x: 0 };
  return { ...other, account, also: answerFollowUps(known, account) };
}
