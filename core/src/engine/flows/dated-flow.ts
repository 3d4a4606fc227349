import { succeed } from "../result";
import { yearsOfMoment } from "../time/moment";
import { resolveSignedAmount } from "../timeline/amounts";
import { calendarOf } from "../problem/calendar-of";
import type { FlowKind } from "./flow-kind";
import { runOfOne } from "./run-of-one";

/**
 * Amounts on calendar dates, counted from the today of their problem, or else from the first date of all.
 */
export const datedFlow: FlowKind<"dated"> = {
  kind: "dated",
  resolve: (problem, flow) => {
    const calendar = calendarOf(problem);
    return succeed({
      kind: "dated",
      id: flow.id,
      entries: flow.entries.map(({ on, amount }) => ({
        at: yearsOfMoment(on, calendar),
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
