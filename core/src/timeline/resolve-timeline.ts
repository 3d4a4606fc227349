import { resolveFlow } from "../flows/flow-kinds";
import { within } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { resolveSpells } from "./spells";
import type { ResolvedFlow, Timeline } from "./timeline";

/** Resolves a checked problem into numbers on a timeline, but for its one unknown. */
export function resolveTimeline(problem: Problem): Result<Timeline> {
  const flows: ResolvedFlow[] = [];
  for (const [index, flow] of problem.flows.entries()) {
    const resolved = resolveFlow(problem, flow);
    if (!resolved.ok) {
      return fail(...resolved.issues.map((found) => within(["flows", index], found)));
    }
    flows.push(resolved.value);
  }
  return succeed({ spells: resolveSpells(problem), flows });
}
