/**
 * A number with so many significant digits, to the nearest. A product of fractions is off in its last digits: 0.1 · 3
 * with 15 digits is 0.3.
 *
 * @param digits 1 to 17; a double has a little under 16 that are sure
 */
export function withDigits(value: number, digits: number): number {
  return Number(value.toPrecision(digits));
}
