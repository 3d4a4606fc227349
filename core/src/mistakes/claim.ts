/** A number that somebody got, and how precisely it was written. */
export interface Claim {
  readonly value: number;
  /** Half of one in its last digit: what rounding may have hidden. */
  readonly half: number;
  /** A length of time in years, where it was written with units. */
  readonly isTime?: true;
  /** It was written with a sign or a percent sign of its own. */
  readonly isPercent?: true;
}

/** Binary fractions do not end where decimal ones do. */
const NOISE = 1e-9;

/** Whether a number, rounded to the digits of a claim, is the claim. */
export function agrees({ value, half }: Claim, number: number): boolean {
  return Math.abs(number - value) <= half * (1 + NOISE) + Math.abs(value) * 1e-13;
}

/** The same without regard to the sign. */
export function agreesInSize({ value, half }: Claim, number: number): boolean {
  return agrees({ value: Math.abs(value), half }, Math.abs(number));
}
