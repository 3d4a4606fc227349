import type { ResolvedStream } from "../timeline/timeline";
import type { PaymentRun } from "./payment-run";
import { paymentTime } from "./payment-times";

/** A settled stream as runs: one, but for growth out of step with the payments. */
export function runsOfStream(stream: ResolvedStream<number>): readonly PaymentRun[] {
  const { growth, count, frequency, amount } = stream;
  const whole: PaymentRun = {
    first: paymentTime(stream, 0),
    frequency,
    count,
    amount,
    logGrowth: 0,
    step: 0,
    paymentsPerStep: 1,
    stepsBefore: 0,
  };
  // A step that is further away than any payment is never taken.
  if (growth === null || growth.steps === 0) return [whole];
  const { steps, payments } = growth;
  const perStep =
    growth.by === "percent"
      ? { logGrowth: Math.log1p(growth.figure / 100), step: 0 }
      : { logGrowth: 0, step: growth.figure };
  if (payments === 1) {
    return [{ ...whole, logGrowth: perStep.logGrowth * steps, step: perStep.step * steps }];
  }
  if (steps === 1) return [{ ...whole, ...perStep, paymentsPerStep: payments }];
  return pattern(whole, stream, perStep, steps, payments);
}

type PerStep = Pick<PaymentRun, "logGrowth" | "step">;

/**
 * Every so many payments the pattern of steps repeats. Taken apart by their place in the pattern,
 * payments grow alike from each repetition to the next.
 */
function pattern(
  whole: PaymentRun,
  stream: ResolvedStream<number>,
  { logGrowth, step }: PerStep,
  steps: number,
  payments: number,
): PaymentRun[] {
  const runs: PaymentRun[] = [];
  const full = Math.floor(whole.count);
  const at = (place: number, count: number, frequency: number, growing: PerStep): PaymentRun => {
    const taken = Math.floor((place * steps) / payments);
    return {
      ...whole,
      ...growing,
      first: paymentTime(stream, place),
      frequency,
      count,
      amount: whole.amount * Math.exp(logGrowth * taken) + step * taken,
    };
  };
  const repeated = { logGrowth: logGrowth * steps, step: step * steps };
  for (let place = 0; place < Math.min(payments, full); place += 1) {
    const count = Math.ceil((full - place) / payments);
    runs.push(at(place, count, whole.frequency / payments, repeated));
  }
  if (whole.count > full) {
    runs.push(at(full, whole.count - full, whole.frequency, { logGrowth: 0, step: 0 }));
  }
  return runs;
}
