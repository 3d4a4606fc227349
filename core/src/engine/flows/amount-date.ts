import type { ResolvedFlow } from "../timeline/timeline";

/**
 * When an amount of a flow is paid, in years from today; of payments, when their first period begins.
 *
 * @param entry which amount of a list, from 0
 * @param years how a time of the timeline is read
 */
export function dateOfAmount<Q>(
  flow: ResolvedFlow<Q>,
  entry: number | undefined,
  years: (time: Q) => number,
): number {
  switch (flow.kind) {
    case "single":
      return years(flow.at);
    case "stream":
      return years(flow.begins);
    case "list":
      return years(flow.begins) + (entry ?? 0) / flow.frequency;
    case "dated":
      return flow.entries[entry ?? 0]?.at ?? 0;
  }
}
