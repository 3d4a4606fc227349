import { timeInRun, type PaymentRun } from "./payment-run";

/**
 * Payments `from` up to `to` of a run, as runs: two of them where the cut falls between two steps.
 *
 * @param from whole, zero or more
 * @param to up to the count of the run; nothing is left where it is not above `from`
 */
export function sliceRun(run: PaymentRun, from: number, to: number): PaymentRun[] {
  if (!(to > from)) return [];
  const { paymentsPerStep, stepsBefore } = run;
  const stepsAt = (index: number) => stepsBefore + Math.floor(index / paymentsPerStep);
  const part = (start: number, end: number): PaymentRun => ({
    ...run,
    first: timeInRun(run, start),
    count: end - start,
    stepsBefore: stepsAt(start),
  });
  const intoStep = from % paymentsPerStep;
  if (intoStep === 0) return [part(from, to)];
  const nextStep = from + paymentsPerStep - intoStep;
  return to <= nextStep ? [part(from, to)] : [part(from, nextStep), part(nextStep, to)];
}
