import type { ResolvedFlow, Timeline } from "../timeline/timeline";

/** Whether the times of a flow depend on the unknown. */
export function movesWith(flow: ResolvedFlow | undefined): boolean {
  switch (flow?.kind) {
    case "single":
      return flow.at.perUnknown !== 0;
    case "stream":
      return flow.begins.perUnknown !== 0 || flow.count.perUnknown !== 0;
    case "list":
      return flow.begins.perUnknown !== 0;
    default:
      return false;
  }
}

/** Whether no rate, and no start of one, depends on the unknown. */
export function hasStillRates({ spells }: Timeline): boolean {
  return spells.every(({ start, percent }) => start.perUnknown === 0 && percent.perUnknown === 0);
}
