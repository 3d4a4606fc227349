import { resolveFlow } from "../flows/flow-kinds";
import { issue, within } from "../issues/issue";
import type { Flow, Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { resolveFocal } from "./focal";
import { resolveSpells } from "./spells";
import { signOf } from "./amounts";
import type { ResolvedFlow, Timeline } from "./timeline";

/** Resolves a checked problem into numbers on a timeline, but for its one unknown. */
export function resolveTimeline(problem: Problem): Result<Timeline> {
  const flows: ResolvedFlow[] = [];
  for (const [index, flow] of problem.flows.entries()) {
    const resolved = resolveFlow(problem, flow);
    if (!resolved.ok) {
      return fail(...resolved.issues.map((found) => within(["flows", index], found)));
    }
    if (isBelowZero(flow, resolved.value)) {
      return fail(issue("amount-below-zero", ["flows", index, "amount"], {}));
    }
    flows.push(resolved.value);
  }
  const spells = resolveSpells(problem);
  return succeed({ spells, flows, focal: resolveFocal(problem, spells, flows) });
}

/** Whether an amount that is said by a known one comes to less than nothing: it would go the other way unsaid. */
function isBelowZero(flow: Flow, resolved: ResolvedFlow): boolean {
  if (!("amount" in flow) || typeof flow.amount !== "object" || flow.amount === null) return false;
  if (resolved.kind !== "single" && resolved.kind !== "stream") return false;
  const { known, perUnknown } = resolved.amount;
  return perUnknown === 0 && known * signOf(flow.direction) < 0;
}
