/**
 * The largest of any number of values; minus infinity of none. `Math.max` takes them as arguments, and a
 * list of a hundred thousand is more than the stack holds.
 */
export function largest(values: readonly number[]): number {
  return values.reduce((most, value) => Math.max(most, value), Number.NEGATIVE_INFINITY);
}

/** The smallest of any number of values; infinity of none. */
export function smallest(values: readonly number[]): number {
  return values.reduce((least, value) => Math.min(least, value), Number.POSITIVE_INFINITY);
}
