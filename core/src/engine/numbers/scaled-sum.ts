/**
 * Σ coefficient·e^logarithm, kept as a mantissa and a logarithm, so that no worth overflows before it
 * has been set against another one, and corrected like `sum`.
 *
 * Accuracy: as `sum`; each term carries the rounding of its exponent, |logarithm|·ε.
 */
export class ScaledSum {
  /** Of the largest exponent so far; the sum is mantissa·e^logarithm. */
  logarithm = Number.NEGATIVE_INFINITY;
  private total = 0;
  private correction = 0;

  add(coefficient: number, logarithm: number): void {
    if (coefficient === 0) return;
    let term = coefficient;
    if (logarithm > this.logarithm) {
      const shrunk = Math.exp(this.logarithm - logarithm);
      this.total *= shrunk;
      this.correction *= shrunk;
      this.logarithm = logarithm;
    } else {
      term *= Math.exp(logarithm - this.logarithm);
    }
    const next = this.total + term;
    this.correction +=
      Math.abs(this.total) >= Math.abs(term) ? this.total - next + term : term - next + this.total;
    this.total = next;
  }

  /** Another one with the same terms. */
  copy(): ScaledSum {
    const other = new ScaledSum();
    other.logarithm = this.logarithm;
    other.total = this.total;
    other.correction = this.correction;
    return other;
  }

  /** The sum over the size of its largest exponential: same sign, never an overflow. */
  get mantissa(): number {
    // Past the largest double the correction is not a number; the infinity itself is the answer.
    return Number.isFinite(this.total) ? this.total + this.correction : this.total;
  }

  /** The sum itself; infinite past the largest double. */
  get value(): number {
    const { mantissa } = this;
    return mantissa === 0 ? 0 : mantissa * Math.exp(this.logarithm);
  }

  /** How many times another sum goes into this one, though both may be past the largest double. */
  over(other: ScaledSum): number {
    const { mantissa } = this;
    return mantissa === 0
      ? 0
      : (mantissa / other.mantissa) * Math.exp(this.logarithm - other.logarithm);
  }
}
