import type { Affine } from "../numbers/affine";
import { issue } from "../issues/issue";
import type { Flow, Problem } from "../problem/schema";
import type { Accumulation } from "../rates/accumulation";
import { fail, type Result } from "../result";
import type { ResolvedFlow } from "../timeline/timeline";
import type { DatedAmount } from "./flow-kind";
import { singleFlow } from "./single-flow";

/** Dispatch over the kinds of flow: the one place that lists them. */

export function resolveFlow(problem: Problem, flow: Flow): Result<ResolvedFlow> {
  switch (flow.kind) {
    case "single":
      return singleFlow.resolve(problem, flow);
    case "stream":
    case "list":
    case "dated":
      return fail(issue("not-solved-yet", [], { what: flow.kind }));
  }
}

export function worthOf(flow: ResolvedFlow, growth: Accumulation, focal: number): Affine {
  return singleFlow.worth(flow, growth, focal);
}

export function expandFlow(flow: ResolvedFlow): readonly DatedAmount[] {
  return singleFlow.expand(flow);
}
