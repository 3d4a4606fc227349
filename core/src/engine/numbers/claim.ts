/** A student's number and its precision. */
export interface Claim {
  readonly value: number;
  /** Half a unit of its last digit: the rounding error it may hide. */
  readonly half: number;
  /** Whether it is a length of time in years, typed with units. */
  readonly isTime?: true;
  /** Whether it was typed with a percent sign. */
  readonly isPercent?: true;
}

/** Binary fractions cannot represent most decimal ones exactly: of half the last digit, and of the value. */
const NOISE = { half: 1e-9, value: 1e-13 };

/** Whether a number, rounded to the digits of a claim, equals the claim. */
export function agrees({ value, half }: Claim, number: number): boolean {
  return Math.abs(number - value) <= half * (1 + NOISE.half) + Math.abs(value) * NOISE.value;
}

/** The same, ignoring the sign. */
export function agreesInSize({ value, half }: Claim, number: number): boolean {
  return agrees({ value: Math.abs(value), half }, Math.abs(number));
}
