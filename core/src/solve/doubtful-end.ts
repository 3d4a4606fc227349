import type { Problem } from "../problem/schema";
import type { Solution } from "./solution";
import { isSameTime, isUpTo } from "../numbers/compare";

/**
 * The amount at the end of unknown payments that goes the same way as the amount at their start: a residual that was
 * put in as money in, beside the loan. It balances, with payments that are too large.
 *
 * @returns the id of its flow, or `null` if there is none
 */
export function doubtfulEnd(problem: Problem, { unknown, settled }: Solution): string | null {
  if (unknown.kind !== "amount") return null;
  const stream = settled.flows[unknown.field.line];
  if (stream?.kind !== "stream") return null;
  const end = stream.begins + stream.count / stream.frequency;
  const singles = settled.flows.flatMap((flow, place) =>
    flow.kind === "single" && problem.flows[place]?.kind === "single" ? [flow] : [],
  );
  const isOpposite = (amount: number) => amount * stream.amount < 0;
  const opens = singles.some(({ at, amount }) => isUpTo(at, stream.begins) && isOpposite(amount));
  const last = singles.find(({ at, amount }) => isSameTime(at, end) && isOpposite(amount));
  return opens && last !== undefined ? last.id : null;
}
