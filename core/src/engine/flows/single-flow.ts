import { scale } from "../numbers/affine";
import { succeed } from "../result";
import { resolveAmount, signOf } from "../timeline/amounts";
import { resolvePosition } from "../timeline/positions";
import type { FlowKind } from "./flow-kind";
import { runOfOne } from "./run-of-one";

/** One amount at one time: a lump sum. */
export const singleFlow: FlowKind<"single"> = {
  kind: "single",
  resolve: (problem, flow) =>
    succeed({
      kind: "single",
      id: flow.id,
      amount: scale(resolveAmount(problem, flow.amount), signOf(flow.direction)),
      at: resolvePosition(problem, flow.at),
    }),
  settle: (flow, money, figure) => ({ ...flow, amount: money(flow.amount), at: figure(flow.at) }),
  runs: ({ amount, at }) => [runOfOne(amount, at)],
  expand: ({ amount, at }) => [{ amount, at }],
};
