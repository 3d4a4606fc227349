import { paymentInRun, timeInRun, type PaymentRun } from "../../flows/payment-run";
import { largest, smallest } from "../../numbers/extremes";
import { sliceRun } from "../../flows/slice-run";
import { isBefore, isUpTo } from "../../numbers/compare";

/** How the flows of a timeline change sign over time, as far as can be decided without counting payments. */
export interface Directions {
  /** `many` if it takes a check of every payment to decide. */
  readonly changes: 0 | 1 | "many";
  /** Sign of the earliest flow. */
  readonly early: number;
}

/** Payments of one sign over a stretch of time. */
interface Stretch {
  readonly sign: number;
  readonly run: PaymentRun;
  readonly from: number;
  readonly to: number;
}

/**
 * Decides whether the flows change sign at most once: by Descartes' rule there is then at most one rate.
 * The cost does not depend on the number of payments.
 */
export function directionsOf(runs: readonly PaymentRun[]): Directions {
  const stretches = runs.flatMap(stretchesOf);
  const inward = stretches.filter(({ sign }) => sign > 0);
  const outward = stretches.filter(({ sign }) => sign < 0);
  if (inward.length === 0 || outward.length === 0) {
    return { changes: 0, early: inward.length > 0 ? 1 : -1 };
  }
  return inSuccession(inward, outward) ?? inSuccession(outward, inward) ?? MANY;
}

const MANY: Directions = { changes: "many", early: 0 };

/** Whether all flows of one sign come before all of the other, or at the same time at the latest. */
function inSuccession(first: readonly Stretch[], second: readonly Stretch[]): Directions | null {
  const end = largest(first.map(({ to }) => to));
  const start = smallest(second.map(({ from }) => from));
  const early = first[0]?.sign ?? 0;
  if (isBefore(end, start)) return { changes: 1, early };
  if (isBefore(start, end)) return null;
  if ([...first, ...second].some(({ run }) => run.count % 1 !== 0)) return null;
  const net =
    first
      .filter(({ to }) => isUpTo(end, to))
      .reduce((sum, { run }) => sum + paymentInRun(run, run.count - 1), 0) +
    second
      .filter(({ from }) => isUpTo(from, start))
      .reduce((sum, { run }) => sum + paymentInRun(run, 0), 0);
  const signs = [
    first.some(({ from }) => isBefore(from, end)) ? early : 0,
    Math.sign(net),
    second.some(({ to }) => isBefore(start, to)) ? -early : 0,
  ].filter((sign) => sign !== 0);
  const changes = signs.filter((sign, index) => index > 0 && sign !== signs[index - 1]).length;
  return { changes: changes === 0 ? 0 : 1, early: signs[0] ?? 0 };
}

function stretchesOf(run: PaymentRun): Stretch[] {
  return partsOfOneSign(run).map((part) => ({
    sign: Math.sign(paymentInRun(part, 0)),
    run: part,
    from: part.first,
    to:
      part.count === Number.POSITIVE_INFINITY
        ? part.count
        : timeInRun(part, Math.ceil(part.count) - 1),
  }));
}

/** A fixed step may carry payments through zero: those before and after it have opposite signs. */
export function partsOfOneSign(run: PaymentRun): PaymentRun[] {
  const { amount, step, stepsBefore, paymentsPerStep, count } = run;
  if (step === 0) return amount === 0 ? [] : [run];
  const zeroAt = -amount / step;
  const border = (steps: number) =>
    Math.min(count, Math.max(0, (steps - stepsBefore) * paymentsPerStep));
  const [from, to] = [border(Math.ceil(zeroAt)), border(Math.floor(zeroAt) + 1)];
  return [...sliceRun(run, 0, from), ...sliceRun(run, to, count)];
}
