import type { Direction, FlowOf } from "./schema";

export function opposite(direction: Direction): Direction {
  return direction === "in" ? "out" : "in";
}

/**
 * A flow the other way round.
 *
 * @param step what becomes of an amount that is added to each payment. It `turns` with the payments: they are the same
 *   the other way. Or it `stays` the money that it is, where only the first payment has changed its sign.
 */
export function turnedRound<Turnable extends FlowOf<"single" | "stream">>(
  flow: Turnable,
  step: "turns" | "stays",
): Turnable {
  const turned = { ...flow, direction: opposite(flow.direction) };
  if (turned.kind === "single" || step === "turns") return turned;
  const { growth } = turned;
  if (growth === undefined || "percent" in growth) return turned;
  const { amount, every } = growth;
  return { ...turned, growth: { every, amount: amount === null ? null : -amount } };
}
