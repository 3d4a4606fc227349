/**
 * Sum with a running correction, so that flows of very different size, or that nearly cancel,
 * keep their last digits.
 *
 * Accuracy: error within 2 units in the last place of the sum of magnitudes squared in ε.
 * Source: A. Neumaier (1974); Higham, Accuracy and Stability of Numerical Algorithms, ch. 4
 */
export function sum(terms: Iterable<number>): number {
  let total = 0;
  let correction = 0;
  for (const term of terms) {
    const next = total + term;
    correction += Math.abs(total) >= Math.abs(term) ? total - next + term : term - next + total;
    total = next;
  }
  // Past the largest double the correction is not a number; the infinity itself is the answer.
  return Number.isFinite(total) ? total + correction : total;
}
