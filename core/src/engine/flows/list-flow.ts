import { succeed } from "../result";
import { resolveSignedAmount } from "../timeline/amounts";
import { resolvePosition } from "../timeline/positions";
import { frequencyOf } from "../time/duration";
import type { ResolvedList } from "../timeline/timeline";
import type { DatedAmount, FlowKind } from "./flow-kind";
import { runOfOne } from "./run-of-one";

/** Uneven amounts at even intervals, signed in the file itself. */
export const listFlow: FlowKind<"list"> = {
  kind: "list",
  resolve: (problem, flow) =>
    succeed({
      kind: "list",
      id: flow.id,
      frequency: frequencyOf(flow.every),
      begins: resolvePosition(problem, flow.begins),
      amounts: flow.amounts.map((amount) => resolveSignedAmount(problem, amount)),
    }),
  settle: (flow, money, figure) => ({
    ...flow,
    begins: figure(flow.begins),
    amounts: flow.amounts.map(money),
  }),
  runs: (flow) => entries(flow).map(({ amount, at }) => runOfOne(amount, at)),
  expand: (flow) => entries(flow),
};

function entries({ begins, frequency, amounts }: ResolvedList<number>): DatedAmount[] {
  return amounts.map((amount, index) => ({ amount, at: begins + index / frequency }));
}
