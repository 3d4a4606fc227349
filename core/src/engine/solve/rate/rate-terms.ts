import { leastForce } from "../../flows/convergence";
import { paymentInRun, timeInRun, type PaymentRun } from "../../flows/payment-run";
import { sliceRun } from "../../flows/slice-run";
import { gatherTerms, type ExponentialTerm } from "../roots/exponential-sum-roots";

/** The most payments that are checked one by one. */
export const MOST_TERMS = 20_000;

/**
 * A balance as a sum of exponentials, one for each payment, for the proofs about all of its roots.
 *
 * Perpetuities and fractions of a payment are quotients over 1 − e^(γ − δh). The whole balance is multiplied
 * by every such factor, which leaves a plain sum. The factor of a perpetuity has no root above the least force
 * at which it has a value. The factor of a fraction may add a root, which the caller must check.
 *
 * @returns terms by ascending time, `null` if there are more than `MOST_TERMS`
 */
export function rateTerms(runs: readonly PaymentRun[]): ExponentialTerm[] | null {
  const parts = runs.flatMap(wholeAndFraction);
  const quotientRuns = parts.filter(isQuotient);
  const plain = parts.filter((run) => !isQuotient(run));
  if (sizeOf(plain, quotientRuns) > MOST_TERMS) return null;
  const quotients = quotientRuns.map(quotientOf);
  const numerators: { terms: readonly ExponentialTerm[]; own: number }[] = [
    { terms: plain.flatMap(paymentsOf), own: -1 },
  ];
  quotients.forEach(({ terms }, own) => numerators.push({ terms, own }));
  return gatherTerms(
    numerators.flatMap(({ terms, own }) =>
      quotients.reduce(
        (product, { factor, power }, index) =>
          index === own ? product : times(product, factor, power),
        terms,
      ),
    ),
  );
}

/** The most terms before they are gathered: each factor doubles them, once or twice. */
function sizeOf(plain: readonly PaymentRun[], quotients: readonly PaymentRun[]): number {
  const payments = plain.reduce((sum, { count }) => sum + count, 0);
  const blocks = quotients.reduce((sum, { paymentsPerStep }) => sum + paymentsPerStep, 0);
  return (payments + 2 * blocks) * 4 ** quotients.length;
}

/** Forces at which one of the factors of `rateTerms` is zero. */
export function forcesOfFactors(runs: readonly PaymentRun[]): number[] {
  return runs
    .flatMap(wholeAndFraction)
    .filter((run) => isQuotient(run) && run.count < 1)
    .map((run) => leastForce({ ...run, count: Number.POSITIVE_INFINITY }));
}

function wholeAndFraction(run: PaymentRun): PaymentRun[] {
  const whole = Math.floor(run.count);
  if (whole === run.count || !Number.isFinite(run.count)) return [run];
  const level = run.paymentsPerStep === 1 && run.step === 0 ? {} : { logGrowth: 0, step: 0 };
  const fraction = sliceRun(run, whole, run.count).map((part) => ({
    ...part,
    ...level,
    amount: paymentInRun(run, whole),
    stepsBefore: 0,
    paymentsPerStep: 1,
  }));
  return [...sliceRun(run, 0, whole), ...fraction];
}

function isQuotient({ count }: PaymentRun): boolean {
  return count < 1 || count === Number.POSITIVE_INFINITY;
}

function paymentsOf(run: PaymentRun): ExponentialTerm[] {
  return Array.from({ length: run.count }, (_, index) => ({
    coefficient: paymentInRun(run, index),
    exponent: timeInRun(run, index),
  }));
}

/** e^(γ − δ·period), the ratio of present values of two successive steps of a run. */
interface Factor {
  readonly growth: number;
  readonly period: number;
}

interface Quotient {
  readonly terms: readonly ExponentialTerm[];
  readonly factor: Factor;
  /** How often 1 − factor divides. */
  readonly power: 1 | 2;
}

function quotientOf(run: PaymentRun): Quotient {
  const { frequency, paymentsPerStep, logGrowth, count, step } = run;
  const factor = { growth: Math.exp(logGrowth), period: paymentsPerStep / frequency };
  if (count < 1) {
    const [payment] = paymentsOf({ ...run, count: 1 });
    if (payment === undefined) throw new TypeError("A run has a first payment");
    const { coefficient, exponent } = payment;
    const end = {
      coefficient: -coefficient * factor.growth ** count,
      exponent: exponent + count * factor.period,
    };
    return { terms: [payment, end], factor, power: 1 };
  }
  const block = paymentsOf({ ...run, count: paymentsPerStep });
  if (step === 0) return { terms: block, factor, power: 1 };
  // Σ (A + k·S)·qᵏ is (A·(1 − q) + S·q)/(1 − q)².
  const rises = block.map(({ exponent }) => ({
    coefficient: step,
    exponent: exponent + factor.period,
  }));
  return { terms: [...times(block, factor, 1), ...rises], factor, power: 2 };
}

/** A sum times (1 − factor)^power. */
function times(
  terms: readonly ExponentialTerm[],
  { growth, period }: Factor,
  power: 1 | 2,
): ExponentialTerm[] {
  const once = [
    ...terms,
    ...terms.map(({ coefficient, exponent }) => ({
      coefficient: -coefficient * growth,
      exponent: exponent + period,
    })),
  ];
  return power === 1 ? once : times(once, { growth, period }, 1);
}
