import type { FlowOf, Problem } from "../problem/schema";
import { succeed } from "../result";
import { daysBetween } from "../time/calendar";
import { DAYS_PER_YEAR } from "../time/duration";
import { resolveSignedAmount } from "../timeline/amounts";
import type { FlowKind } from "./flow-kind";
import { runOfOne } from "./run-of-one";

/**
 * Amounts on calendar dates. The first date of a problem is its today; a year is 365 days, leap or
 * not, as the day count actual/365 has it.
 */
export const datedFlow: FlowKind<"dated"> = {
  kind: "dated",
  resolve: (problem, flow) => {
    const today = firstDate(problem);
    return succeed({
      kind: "dated",
      id: flow.id,
      entries: flow.entries.map(({ on, amount }) => ({
        at: daysBetween(today, on) / DAYS_PER_YEAR,
        amount: resolveSignedAmount(problem, amount),
      })),
    });
  },
  settle: (flow, money) => ({
    ...flow,
    entries: flow.entries.map(({ at, amount }) => ({ at, amount: money(amount) })),
  }),
  runs: ({ entries }) => entries.map(({ amount, at }) => runOfOne(amount, at)),
  expand: ({ entries }) => [...entries].sort((one, other) => one.at - other.at),
};

/** The earliest first date of all dated flows, so that several of them share one calendar. */
function firstDate({ flows }: Problem): string {
  const isDated = (flow: Problem["flows"][number]): flow is FlowOf<"dated"> =>
    flow.kind === "dated";
  const firsts = flows.filter(isDated).map(({ entries }) => entries[0]?.on ?? "");
  // ISO 8601 dates sort as text.
  return firsts.sort()[0] ?? "";
}
