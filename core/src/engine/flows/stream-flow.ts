import { constant, scale, theUnknown } from "../numbers/affine";
import { issue } from "../issues/issue";
import { lowestTerms } from "../numbers/lowest-terms";
import type { FlowOf } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { frequencyOf } from "../time/duration";
import { resolveAmount, signOf } from "../timeline/amounts";
import { resolveCount, resolvePosition } from "../timeline/positions";
import type { ResolvedGrowth } from "../timeline/timeline";
import { expandStream } from "./expand-stream";
import type { FlowKind } from "./flow-kind";
import { runsOfStream } from "./stream-runs";

/** Payments at even intervals: an annuity, level or growing, deferred, or for ever. */
export const streamFlow: FlowKind<"stream"> = {
  kind: "stream",
  resolve: (problem, flow) => {
    const growth = resolveGrowth(flow);
    if (!growth.ok) return growth;
    return succeed({
      kind: "stream",
      id: flow.id,
      amount: scale(resolveAmount(problem, flow.amount), signOf(flow.direction)),
      frequency: frequencyOf(flow.every),
      count: resolveCount(flow),
      timing: flow.timing,
      begins: resolvePosition(problem, flow.begins),
      growth: growth.value,
    });
  },
  settle: (flow, money, figure) => ({
    ...flow,
    amount: money(flow.amount),
    count: figure(flow.count),
    begins: figure(flow.begins),
    growth:
      flow.growth === null
        ? null
        : {
            ...flow.growth,
            figure: (flow.growth.by === "amount" ? money : figure)(flow.growth.figure),
          },
  }),
  runs: runsOfStream,
  expand: expandStream,
};

/**
 * Steps against payments are 1/12 where monthly payments rise once a year, but 12/13 where weekly ones
 * rise with the month: then each place in the pattern is a run of its own. Beyond this many the closed
 * form would no longer be short.
 */
const LONGEST_PATTERN = 400;

function resolveGrowth({
  direction,
  every,
  growth,
}: FlowOf<"stream">): Result<ResolvedGrowth | null> {
  if (growth === undefined) return succeed(null);
  const { over: steps, under: payments } = lowestTerms(
    frequencyOf(growth.every) / frequencyOf(every),
  );
  if (steps > 1 && payments > LONGEST_PATTERN) {
    return fail(issue("growth-too-irregular", ["growth", "every"], { limit: LONGEST_PATTERN }));
  }
  const pattern = { steps, payments };
  if ("percent" in growth) {
    const { percent } = growth;
    if (percent !== null && percent <= -100) {
      return fail(issue("growth-too-low", ["growth", "percent"], { percent }));
    }
    const figure = percent === null ? theUnknown : constant(percent);
    return succeed({ by: "percent", figure, ...pattern });
  }
  const step = growth.amount === null ? theUnknown : constant(growth.amount);
  return succeed({ by: "amount", figure: scale(step, signOf(direction)), ...pattern });
}
