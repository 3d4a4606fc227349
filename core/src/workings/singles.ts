import type { Solution } from "../solve/solution";
import type { ResolvedSingle } from "../timeline/timeline";

/** One amount at one time, every figure known. */
export type SettledSingle = ResolvedSingle<number>;

/** Whether a problem is made of single amounts alone, which is what these workings can write out. */
export function isAllSingles({ settled }: Solution): boolean {
  return settled.flows.every(({ kind }) => kind === "single");
}

/** The flows of a solution that `isAllSingles` has passed. */
export function singlesOf({ settled }: Solution): SettledSingle[] {
  return settled.flows.filter((flow) => flow.kind === "single");
}

/** The flow that the unknown belongs to. */
export function ownSingle(solution: Solution): SettledSingle {
  const own = singlesOf(solution)[Number(solution.unknown.path[1])];
  if (own === undefined) throw new TypeError("The unknown has no flow of its own");
  return own;
}
