import { issue } from "../issues/issue";
import { scale } from "../numbers/affine";
import { growthFactor } from "../rates/accumulation";
import { fail, succeed } from "../result";
import { resolveAmount, signOf } from "../timeline/amounts";
import type { ResolvedSingle } from "../timeline/timeline";
import { yearsOf } from "../time/duration";
import type { FlowKind } from "./flow-kind";

/** One amount at one time: a lump sum. */
export const singleFlow: FlowKind<"single", ResolvedSingle> = {
  kind: "single",

  resolve: (problem, flow) => {
    if (flow.at !== null && typeof flow.at !== "string") {
      return fail(issue("not-solved-yet", [], { what: "stream" }));
    }
    return succeed({
      kind: "single",
      id: flow.id,
      amount: scale(resolveAmount(problem, flow.amount), signOf(flow.direction)),
      at: flow.at === null ? null : yearsOf(flow.at),
    });
  },

  worth: (flow, growth, focal) =>
    scale(flow.amount, growthFactor(growth, knownTime(flow.at), focal)),

  expand: (flow) => [{ amount: flow.amount, at: knownTime(flow.at) }],
};

function knownTime(at: number | null): number {
  if (at === null) throw new TypeError("A flow whose date is the unknown has no worth yet");
  return at;
}
