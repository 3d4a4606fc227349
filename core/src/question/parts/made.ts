import type { FlowOf, Problem, Rate } from "../../engine/problem/schema";
import type { Shape, Use } from "../shape/shape";
import type { PartRead } from "./part";

type Linked = Readonly<Record<string, unknown>>;

/** A part that takes up the answer of an earlier one. */
export interface Made {
  readonly linked: Linked;
  readonly uses: readonly Use[];
  readonly assumptions?: Shape["assumptions"];
}

export interface Base {
  readonly label: string;
  readonly problem: Problem;
  readonly stream: FlowOf<"stream">;
}

/** The earlier part that found a payment. */
export function paymentPart(read: readonly PartRead[]): Base | null {
  for (const { label, shape } of read) {
    const stream = shape.problem?.flows.find(
      (flow): flow is FlowOf<"stream"> => flow.kind === "stream" && flow.amount === null,
    );
    if (label !== null && shape.problem !== null && stream !== undefined)
      return { label, problem: shape.problem, stream };
  }
  return null;
}

/** A problem without flows, in the currency of the part before. */
export function frame(problem: Problem, rates: readonly Rate[]): Record<string, unknown> {
  const { format, version, currency } = problem;
  return { format, version, ...(currency === undefined ? {} : { currency }), rates: [...rates] };
}
