import { logGrowth, type Accumulation } from "../rates/accumulation";
import type { ScaledSum } from "../numbers/scaled-sum";
import { arithmeticSum, geometricSum } from "./series-sums";
import { wholeFrom, wholeUpTo } from "../numbers/compare";

/**
 * Evenly spaced payments that stay level for a while and then take a step, by a factor or by an
 * amount, again and again: what every kind of flow comes down to. A single amount is a run of one.
 */
export interface PaymentRun {
  /** Years from today of its first payment. */
  readonly first: number;
  /** Payments a year. */
  readonly frequency: number;
  /** Zero or more; infinite for ever. A fraction is taken as the closed form has it. */
  readonly count: number;
  /** Signed size before any step. */
  readonly amount: number;
  /** ln of the factor of each step; 0 where steps add. */
  readonly logGrowth: number;
  /** What each step adds, signed; 0 where steps multiply. */
  readonly step: number;
  /** Payments between two steps; infinite where nothing grows. */
  readonly paymentsPerStep: number;
  /** Steps taken before the first payment. */
  readonly stepsBefore: number;
}

/**
 * Adds what a run is worth at a date, Σ payment · a(focal)/a(t), in closed form where interest is compound.
 * The cost then depends on how many rate spells cut the run, never on its count.
 *
 * An endless run must converge: see `convergence.ts`.
 *
 * Accuracy: relative 1e-14.
 * Source: Kellison, ch. 3 and 4 (annuities, general and varying)
 */
export function addWorthOfRun(
  run: PaymentRun,
  growth: Accumulation,
  focal: number,
  into: ScaledSum,
): void {
  const { starts, forces, accrual } = growth;
  if (accrual !== undefined) {
    addOneByOne(run, growth, focal, into);
    return;
  }
  if (starts.length === 1 || run.count === 1) {
    addUnderOneForce(run, 0, run.count, forces[0] ?? 0, growth, focal, into);
    return;
  }
  let from = 0;
  for (let index = 0; index < starts.length && from < run.count; index += 1) {
    const end = starts[index + 1];
    const to = end === undefined ? run.count : Math.min(run.count, paymentsBefore(run, end));
    if (to > from) {
      addUnderOneForce(run, from, to, forces[index] ?? 0, growth, focal, into);
      from = to;
    }
  }
}

/** Where interest is not compound, each payment is moved by itself; there are few: see `worth.ts`. */
function addOneByOne(run: PaymentRun, growth: Accumulation, focal: number, into: ScaledSum): void {
  for (let index = 0; index < run.count; index += 1) {
    const part = Math.min(1, run.count - index);
    into.add(paymentInRun(run, index) * part, logGrowth(growth, timeInRun(run, index), focal));
  }
}

/** When payments fall. */
type Grid = Pick<PaymentRun, "first" | "frequency">;

/** How many payments of a run fall before a time. */
export function paymentsBefore({ first, frequency }: Grid, years: number): number {
  return Math.max(0, wholeFrom((years - first) * frequency));
}

/** How many payments of a run fall before a time or on it. */
export function paymentsUpTo({ first, frequency }: Grid, years: number): number {
  return Math.max(0, wholeUpTo((years - first) * frequency) + 1);
}

/** The signed size of payment `index` of a run, from 0. */
export function paymentInRun(
  { amount, step, logGrowth: grows, stepsBefore, paymentsPerStep }: PaymentRun,
  index: number,
): number {
  const steps = stepsBefore + Math.floor(index / paymentsPerStep);
  return (amount + step * steps) * Math.exp(grows * steps);
}

/** Time of payment `index`, from 0. */
export function timeInRun({ first, frequency }: PaymentRun, index: number): number {
  return first + index / frequency;
}

/** Payments `from` (whole) up to `to`, all under one force of interest. */
function addUnderOneForce(
  run: PaymentRun,
  from: number,
  to: number,
  force: number,
  growth: Accumulation,
  focal: number,
  into: ScaledSum,
): void {
  const { paymentsPerStep, stepsBefore } = run;
  const discount = -force / run.frequency;
  if (paymentsPerStep === 1 && run.step === 0) {
    const logarithm = logGrowth(growth, timeInRun(run, from), focal);
    const steps = run.logGrowth * (stepsBefore + from);
    addSeries(run.amount, to - from, run.logGrowth + discount, logarithm + steps, into);
    return;
  }
  addInSteps(
    run,
    from,
    to,
    discount,
    (index) => logGrowth(growth, timeInRun(run, index), focal),
    into,
  );
}

/** The same for payments that stay level for a while, or grow by amounts: part of a step, whole steps, the rest. */
function addInSteps(
  run: PaymentRun,
  from: number,
  to: number,
  discount: number,
  logAt: (index: number) => number,
  into: ScaledSum,
): void {
  const { paymentsPerStep, stepsBefore } = run;
  const addPartOfStep = (step: number, start: number, count: number) => {
    addSeries(amountAfter(run, step), count, discount, run.logGrowth * step + logAt(start), into);
  };
  let start = from;
  let step = stepsBefore + Math.floor(from / paymentsPerStep);
  if (from % paymentsPerStep > 0) {
    const count = Math.min(paymentsPerStep - (from % paymentsPerStep), to - from);
    addPartOfStep(step, start, count);
    start += count;
    step += 1;
  }
  const left = to - start;
  const rest = left === Number.POSITIVE_INFINITY ? 0 : left % paymentsPerStep;
  const steps = (left - rest) / paymentsPerStep;
  const block = {
    sum: geometricSum(paymentsPerStep, -Math.abs(discount)),
    logarithm: largestOf(paymentsPerStep, discount),
  };
  addSteps(run, step, steps, discount * paymentsPerStep, block, logAt(start), into);
  if (rest > 0) addPartOfStep(step + steps, start + steps * paymentsPerStep, rest);
}

/** What the payments of one step are worth at the first of them: sum·e^logarithm. */
interface Block {
  readonly sum: number;
  readonly logarithm: number;
}

function amountAfter({ amount, step }: PaymentRun, steps: number): number {
  return amount + step * steps;
}

/** Logarithm of the largest term of a geometric series whose first one is 1. */
function largestOf(count: number, exponent: number): number {
  return exponent > 0 ? (count - 1) * exponent : 0;
}

/** amount · Σ e^(k·exponent) over `count` terms. */
function addSeries(
  amount: number,
  count: number,
  exponent: number,
  logarithm: number,
  into: ScaledSum,
): void {
  if (amount === 0 || count === 0) return;
  into.add(
    amount * geometricSum(count, -Math.abs(exponent)),
    logarithm + largestOf(count, exponent),
  );
}

/** `count` whole steps from `step` on, each of them a block of payments. */
function addSteps(
  run: PaymentRun,
  step: number,
  count: number,
  discount: number,
  block: Block,
  logAtStart: number,
  into: ScaledSum,
): void {
  const logarithm = logAtStart + block.logarithm;
  if (run.step === 0) {
    const exponent = run.logGrowth + discount;
    addSeries(run.amount * block.sum, count, exponent, logarithm + run.logGrowth * step, into);
    return;
  }
  addSeries(amountAfter(run, step) * block.sum, count, discount, logarithm, into);
  const rising = arithmeticSum(count, -Math.abs(discount));
  // Read backwards, a series whose worth grows is one whose worth shrinks: (count − 1) − k.
  const sum = discount > 0 ? (count - 1) * geometricSum(count, -discount) - rising : rising;
  into.add(run.step * block.sum * sum, logarithm + largestOf(count, discount));
}
