import type { Flow, Rate } from "../../engine/problem/schema";
import type { Plan } from "./plans";
import { STAND_IN, type Blank } from "./shape";

/** The streams with something in the places that are to be left blank; their plans are told the same. */
export function standIn(
  plans: readonly Plan[],
  streams: readonly Flow[],
  blanks: readonly Blank[],
): Flow[] {
  return streams.map((flow, index) => {
    const plan = plans[index];
    if (flow.kind !== "stream" || plan === undefined) return flow;
    if (blanks.includes("payment")) plan.fact.amount ??= STAND_IN;
    if (blanks.includes("time")) plan.count ??= STAND_IN;
    return { ...flow, amount: plan.fact.amount, count: plan.count };
  });
}

/** A rate that nobody has told yet, compounded as payments are made. */
export function standInRate(every: string): Rate {
  return { percent: STAND_IN, quoted: "nominal", compounding: every };
}
