import { dateOfAmount } from "../../../engine/flows/amount-date";
import { paymentTime } from "../../../engine/flows/payment-times";
import { isBefore, isSameCount, isSameTime, isUpTo } from "../../../engine/numbers/compare";
import type { ComposedFlow } from "../compose/composition";
import type { Quantity } from "../mathematics/expression";
import { paymentsIn } from "./parts";
import type { Story } from "./story";
import type { Span } from "./totals";

/**
 * The rate at which one period's interest is the opening balance times the rate: the span is one period of the workings
 * under one rate, and nothing is paid before its end. `null` where it is not so.
 */
export function rateOfOnePeriod({ composition }: Story, span: Span): Quantity | null {
  const { isCompound, rates, solved, flows } = composition;
  if (!isCompound) return null;
  const { spells } = solved.settled;
  const spell = Math.max(
    0,
    spells.findLastIndex(({ start }) => isUpTo(start, span.from)),
  );
  const changes = spells.some(
    ({ start }) => isBefore(span.from, start) && isBefore(start, span.to),
  );
  if (changes || !flows.every((flow) => isPaidAtEnd(flow, span))) return null;
  const { rate, periodsPerYear, isForce } = rates.basis(spell);
  const perYear = typeof periodsPerYear === "number" ? periodsPerYear : periodsPerYear.value;
  return !isForce && isSameCount((span.to - span.from) * perYear, 1) ? rate : null;
}

/** Whether what a flow has in a span is at its end. */
function isPaidAtEnd({ settled }: ComposedFlow, { from, to }: Span): boolean {
  const isFine = (at: number) => !isBefore(from, at) || !isBefore(at, to) || isSameTime(at, to);
  switch (settled.kind) {
    case "single":
      return isFine(settled.at);
    case "stream": {
      const [before, by] = [paymentsIn(settled, from), paymentsIn(settled, to)];
      return by - before <= 0 || (by - before <= 1 && isFine(paymentTime(settled, before)));
    }
    case "list":
      return settled.amounts.every((_, place) => isFine(dateOfAmount(settled, place, asYears)));
    case "dated":
      return settled.entries.every(({ at }) => isFine(at));
  }
}

function asYears(years: number): number {
  return years;
}
