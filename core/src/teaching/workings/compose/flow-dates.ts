import type { SettledFlow } from "../../../engine/flows/flow-kind";
import { paymentTime } from "../../../engine/flows/payment-times";

interface FlowDates {
  readonly first: number;
  readonly last: number;
}

/** The first and the last date of a flow, in years from today. */
export function flowDates(flow: SettledFlow): FlowDates {
  switch (flow.kind) {
    case "single":
      return { first: flow.at, last: flow.at };
    case "stream":
      return { first: paymentTime(flow, 0), last: paymentTime(flow, Math.ceil(flow.count) - 1) };
    case "list": {
      const last = flow.begins + (flow.amounts.length - 1) / flow.frequency;
      return { first: flow.begins, last };
    }
    case "dated": {
      const times = flow.entries.map(({ at }) => at);
      return { first: Math.min(...times), last: Math.max(...times) };
    }
  }
}

/** The same, with the whole of the periods of payments. */
export function flowStretch(flow: SettledFlow): FlowDates {
  return flow.kind === "stream"
    ? { first: flow.begins, last: flow.begins + flow.count / flow.frequency }
    : flowDates(flow);
}
