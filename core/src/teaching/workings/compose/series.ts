import { paymentsBefore, paymentsUpTo, type PaymentRun } from "../../../engine/flows/payment-run";
import { snapped } from "./years";
import { isSameCount } from "../../../engine/numbers/compare";

/**
 * Payments at even intervals with one rate and one formula: a stretch of a stream between two changes of rate or
 * of step.
 */
export interface Series {
  readonly spell: number;
  /** Years from today of its first payment. */
  readonly first: number;
  /** Payments a year. */
  readonly frequency: number;
  /** Infinite for a perpetuity. */
  readonly count: number;
  /** Whether it has every payment of its stream, so that the letter of the stream's count applies. */
  readonly isWhole: boolean;
  /** Whether it ends with its stream. */
  readonly isLast: boolean;
  /** Steps of growth before its first payment. */
  readonly stepsBefore: number;
  readonly pattern: Pattern;
}

export type Pattern =
  | { readonly kind: "level" }
  /** A step with every payment. */
  | { readonly kind: "growing"; readonly stepsEach: number }
  /** Level for so many payments, then a step; `count` is a whole number of such blocks. */
  | { readonly kind: "blocks"; readonly paymentsEach: number };

/** Cuts the runs of a stream into series, each under one rate and of one formula. */
export function seriesOf(
  runs: readonly PaymentRun[],
  spellStarts: readonly number[],
  timing: "end" | "start",
): Series[] {
  return runs.flatMap((run) =>
    cutBySpells(run, spellStarts, timing).flatMap((cut) => cutBySteps(run, cut, runs.length === 1)),
  );
}

interface Cut {
  readonly spell: number;
  readonly from: number;
  readonly to: number;
}

/**
 * A payment at the date of a rate change may end a period before it or begin one after it. The value is the same,
 * but the formulas are shortest if it stays with its period.
 */
function cutBySpells(run: PaymentRun, starts: readonly number[], timing: "end" | "start"): Cut[] {
  const paidBy = timing === "end" ? paymentsUpTo : paymentsBefore;
  const cuts: Cut[] = [];
  let from = 0;
  starts.forEach((_, spell) => {
    const end = starts[spell + 1];
    const to = end === undefined ? run.count : Math.min(run.count, paidBy(run, end));
    if (to <= from) return;
    cuts.push({ spell, from, to });
    from = to;
  });
  return cuts;
}

function cutBySteps(run: PaymentRun, { spell, from, to }: Cut, isOnly: boolean): Series[] {
  const { first, frequency, stepsBefore, paymentsPerStep, logGrowth, step } = run;
  const series = (start: number, count: number, steps: number, pattern: Pattern): Series => ({
    spell,
    first: first + start / frequency,
    frequency,
    count: snapped(count),
    isWhole: isOnly && start === 0 && count === run.count,
    isLast: isOnly && isSameCount(start + count, run.count),
    stepsBefore: steps,
    pattern,
  });
  if (logGrowth === 0 && step === 0) return [series(from, to - from, 0, { kind: "level" })];
  if (paymentsPerStep === 1) return everyPayment(run, from, to, series);
  const parts: Series[] = [];
  let start = from;
  let steps = stepsBefore + Math.floor(from / paymentsPerStep);
  const partly = from % paymentsPerStep;
  if (partly > 0) {
    const count = Math.min(paymentsPerStep - partly, to - from);
    parts.push(series(start, count, steps, { kind: "level" }));
    start += count;
    steps += 1;
  }
  const left = to - start;
  const rest = left === Number.POSITIVE_INFINITY ? 0 : left % paymentsPerStep;
  if (left - rest > 0) {
    parts.push(
      series(start, left - rest, steps, { kind: "blocks", paymentsEach: paymentsPerStep }),
    );
  }
  if (rest > 0) {
    const blocks = (left - rest) / paymentsPerStep;
    parts.push(series(start + left - rest, rest, steps + blocks, { kind: "level" }));
  }
  return parts;
}

/** Percentage growth has one formula for any count; with fixed steps, a fraction of a payment is separate. */
function everyPayment(
  run: PaymentRun,
  from: number,
  to: number,
  series: (start: number, count: number, steps: number, pattern: Pattern) => Series,
): Series[] {
  const pattern = { kind: "growing", stepsEach: 1 } as const;
  const count = to - from;
  const rest = run.step === 0 || count === Number.POSITIVE_INFINITY ? 0 : snapped(count % 1);
  const steps = run.stepsBefore + from;
  if (rest === 0) return [series(from, count, steps, pattern)];
  const whole = count - rest;
  return [
    ...(whole > 0 ? [series(from, whole, steps, pattern)] : []),
    series(from + whole, rest, steps + whole, { kind: "level" }),
  ];
}
