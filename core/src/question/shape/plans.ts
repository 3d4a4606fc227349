import type { KnownPosition } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import type { TimeFact } from "../facts/times";
import { addSpans } from "../marks/span";
import { sideOf, type Side } from "./sides";

/** What the flows of each side are called. */
export const IDS: Readonly<Record<Side, { start: string; stream: string; end: string }>> = {
  repaying: { start: "loan", stream: "payments", end: "final" },
  saving: { start: "opening", stream: "deposits", end: "received" },
  spending: { start: "fund", stream: "withdrawals", end: "rest" },
  borrowing: { start: "loan", stream: "loans", end: "final" },
  renting: { start: "value", stream: "rent", end: "final" },
};

/** A stream on its way into the problem. */
export interface Plan {
  readonly fact: PaymentsFact;
  readonly side: Side;
  readonly id: string;
  readonly every: string;
  count: number | "forever" | null;
  begins: KnownPosition;
}

/** The streams that count, the saving before the spending, whichever is told first. */
export function inOrder(facts: Facts): readonly PaymentsFact[] {
  const told = facts.streams.filter(
    ({ amount, count, term, role, marks, isOpen }, index) =>
      index === 0 ||
      isOpen ||
      amount !== null ||
      count !== null ||
      term !== null ||
      (role !== null && marks.length > 1),
  );
  const [first, second] = told;
  if (first === undefined || second === undefined) return told;
  const isTurned = sideOf(facts, first) === "spending" && sideOf(facts, second) === "saving";
  return isTurned ? [second, first] : [first, second];
}

/**
 * "Five years have gone by … what payment will do it?": the payments after those that have been paid so far, which now
 * end where the time has gone by.
 */
export function stillToPay(
  { scope }: Facts,
  paid: PaymentsFact | undefined,
  times: readonly TimeFact[],
): PaymentsFact[] {
  const elapsed = scope.marks.find(({ phrase }) => phrase?.as === "elapsed");
  const gone = elapsed?.phrase?.iso;
  if (paid === undefined || paid.amount === null || elapsed === undefined || gone === undefined)
    return [];
  const left = times.find(({ marks }) =>
    marks.some(({ plain }) => / from (?:now|today)$/.test(plain)),
  );
  const rest = left?.iso ?? (paid.term === null ? null : addSpans(paid.term, gone, -1));
  const next: PaymentsFact = {
    ...paid,
    amount: null,
    amountMark: null,
    count: null,
    first: null,
    waits: null,
    term: rest,
    isNext: true,
    marks: left === undefined ? [] : [...left.marks],
  };
  Object.assign(paid, { term: gone, count: null, first: null });
  paid.marks.push(elapsed);
  return [next];
}
