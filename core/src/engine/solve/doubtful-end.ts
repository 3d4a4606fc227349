import type { SolvedProblem } from "./solved-problem";
import { isSameTime, isUpTo } from "../numbers/compare";

/**
 * The amount at the end of unknown payments that goes the same way as the amount at their start: a residual that was
 * put in as money in, beside the loan. It balances, with payments that are too large.
 *
 * @returns the id of its flow, or `null` if there is none
 */
export function doubtfulEnd({ unknown, flows }: SolvedProblem): string | null {
  if (unknown.kind !== "amount") return null;
  const stream = flows[unknown.field.line]?.settled;
  if (stream?.kind !== "stream") return null;
  const end = stream.begins + stream.count / stream.frequency;
  const singles = flows.flatMap(({ settled }) => (settled.kind === "single" ? [settled] : []));
  const isOpposite = (amount: number) => amount * stream.amount < 0;
  const opens = singles.some(({ at, amount }) => isUpTo(at, stream.begins) && isOpposite(amount));
  const last = singles.find(({ at, amount }) => isSameTime(at, end) && isOpposite(amount));
  return opens && last !== undefined ? last.id : null;
}
