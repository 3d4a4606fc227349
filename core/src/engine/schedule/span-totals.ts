import { sum } from "../numbers/sum";
import type { Schedule } from "./schedule-types";

/** What a stretch of a schedule comes to. */
export interface SpanTotals {
  readonly paid: number;
  readonly interest: number;
  readonly principal: number;
  readonly extra: number;
}

/**
 * Totals of the payments from one number to another, both included. Sums over any split of a schedule
 * add up to the whole.
 *
 * @param from from 1
 * @param to numbers past the last payment add nothing
 */
export function spanTotals({ rows }: Schedule, from: number, to: number): SpanTotals {
  const span = rows.slice(Math.max(0, from - 1), Math.max(0, to));
  return {
    paid: sum(span.map(({ paid }) => paid)),
    interest: sum(span.map(({ interest }) => interest)),
    principal: sum(span.map(({ principal }) => principal)),
    extra: sum(span.map(({ extra }) => extra)),
  };
}
