import { expandFlow } from "../flows/flow-kinds";
import { issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { findUnknown } from "../problem/unknown";
import { fail, succeed, type Result } from "../result";
import { growthOf } from "../solve/settled-timeline";
import type { Solution } from "../solve/solution";
import { resolveTimeline } from "../timeline/resolve-timeline";
import { settleFlows } from "../timeline/settle-timeline";
import { netByDate, type ProjectFlow } from "./net-by-date";

/** More dates than this are not gone through. */
export const MOST_PROJECT_FLOWS = 10_000;

/**
 * The flows of a problem as a project to be judged: one net amount for each date, in time order, the first
 * of them at its own time (0 is today). Neither the rate of the problem nor what it asks matters, so a
 * problem without an answer has a project as well, unless one of its amounts or times is what it seeks.
 *
 * @param solution what `solve` found; `null` where it found nothing
 * @returns fails with `appraisal-without-flows`, `appraisal-endless`, `problem-too-large`, and
 *   `appraisal-unknown-flow` where an amount or time is not known
 */
export function projectOf(problem: Problem, solution: Solution | null): Result<ProjectFlow[]> {
  const unknown = findUnknown(problem);
  const isOfFlow = unknown.ok
    ? unknown.value.kind !== "percent" && unknown.value.kind !== "value"
    : unknown.issues.some(({ code }) => code !== "unknown-missing");
  if (isOfFlow && solution === null) return fail(issue("appraisal-unknown-flow", ["flows"], {}));
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) return timeline;
  const flows = solution?.settled.flows ?? settleFlows(timeline.value.flows, 0);
  if (flows.some((flow) => flow.kind === "stream" && !Number.isFinite(flow.count))) {
    return fail(issue("appraisal-endless", ["flows"], {}));
  }
  const growth = solution === null ? { starts: [0], forces: [0] } : growthOf(solution.settled);
  const moved: ProjectFlow[] = [];
  for (const [index, flow] of flows.entries()) {
    const count = flow.kind === "stream" ? flow.count : 0;
    if (moved.length + count > MOST_PROJECT_FLOWS) return tooLarge();
    const labels = labelsOf(problem, index);
    expandFlow(flow, growth).forEach((one, place) => {
      moved.push({ ...one, label: labels(place) });
    });
    if (moved.length > MOST_PROJECT_FLOWS) return tooLarge();
  }
  const netted = netByDate(moved);
  return netted.length === 0
    ? fail(issue("appraisal-without-flows", ["flows"], {}))
    : succeed(netted);
}

function tooLarge(): Result<never> {
  return fail(issue("problem-too-large", ["flows"], { limit: MOST_PROJECT_FLOWS }));
}

/** What the money of a flow is for: each amount's own label, or the flow's. */
function labelsOf({ flows }: Problem, index: number): (place: number) => string {
  const flow = flows[index];
  const own = flow?.label ?? "";
  switch (flow?.kind) {
    case "list":
      return (place) => flow.labels?.[place] ?? "";
    case "dated": {
      // They are expanded in time order.
      const labels = [...flow.entries]
        .sort((one, other) => (one.on < other.on ? -1 : one.on > other.on ? 1 : 0))
        .map(({ label = "" }) => label);
      return (place) => labels[place] ?? "";
    }
    default:
      return () => own;
  }
}
