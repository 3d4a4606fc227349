import { timeInRun, type PaymentRun } from "../../flows/payment-run";
import { largest } from "../../numbers/extremes";
import { sum } from "../../numbers/sum";
import { wholeNumbers } from "../../numbers/whole-numbers";
import { geometricSum } from "../../flows/series-sums";

/** The force times years below which the balance is almost the plain total of the payments. */
const NEAR_ZERO = 0.01;
const MOST_STEPS = 4;

/**
 * A force of interest near zero, right to its last digits. The balance is then a small difference of large
 * sums, of which doubles keep few digits. So the plain total is calculated exactly, from the decimal digits of
 * the amounts, and only the effect of discounting in doubles.
 *
 * @param force a root of the balance in doubles
 * @returns the same root, or a better one; `force` itself if it is not near zero, or payments grow
 */
export function refinedNearZero(runs: readonly PaymentRun[], force: number): number {
  const span = largest(runs.map((run) => timeInRun(run, run.count)));
  if (force === 0 || !(Math.abs(force) * span < NEAR_ZERO)) return force;
  const total = exactTotal(runs);
  if (total === null) return force;
  let root = force;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const discounting = sum(runs.map((run) => discountingOf(run, root)));
    // The effect of discounting is almost proportional to the force.
    const next = (-total / discounting) * root;
    if (!Number.isFinite(next) || Math.abs(next - force) > NEAR_ZERO * Math.abs(force))
      return force;
    root = next;
  }
  return root;
}

/** Σ payment, with one rounding at the end; `null` if payments are not level, or not whole in number. */
function exactTotal(runs: readonly PaymentRun[]): number | null {
  const isPlain = runs.every(
    ({ logGrowth, step, count }) => logGrowth === 0 && step === 0 && Number.isInteger(count),
  );
  const exact = isPlain ? wholeNumbers(runs.map(({ amount }) => amount)) : null;
  if (exact === null) return null;
  const total = exact.whole.reduce(
    (before, amount, index) => before + amount * BigInt(runs[index]?.count ?? 0),
    0n,
  );
  return Number(`${total}e-${exact.decimals}`);
}

/** The effect of discounting on the total of a level run: Σ amount·(e^(−δt) − 1), without cancellation. */
function discountingOf({ amount, count, first, frequency }: PaymentRun, force: number): number {
  const perPayment = -force / frequency;
  const toFirst = Math.expm1(-force * first);
  // Σ e^(kx) − n, of which the first-order terms cancel and are left out from the start.
  const bend =
    count === 1
      ? 0
      : (secondOrder(count * perPayment) - count * secondOrder(perPayment)) /
        Math.expm1(perPayment);
  const level = perPayment <= 0 ? geometricSum(count, perPayment) : count + bend;
  return amount * (toFirst * level + bend);
}

/** e^x − 1 − x for small x, by its series. */
function secondOrder(x: number): number {
  let term = 1;
  let series = 0;
  for (let power = 2; power <= 12; power += 1) {
    series += term;
    term *= x / (power + 1);
  }
  return ((x * x) / 2) * series;
}
