/**
 * A quantity that is linear in the unknown: `known + perUnknown · x`.
 * Amounts are kept this way, and not evaluated at x = 0 and x = 1, because the difference of two
 * large worths would lose the digits of a small coefficient.
 */
export interface Affine {
  readonly known: number;
  readonly perUnknown: number;
}

export const theUnknown: Affine = { known: 0, perUnknown: 1 };

export function constant(known: number): Affine {
  return { known, perUnknown: 0 };
}

export function plus(one: Affine, other: Affine): Affine {
  return { known: one.known + other.known, perUnknown: one.perUnknown + other.perUnknown };
}

export function scale(quantity: Affine, factor: number): Affine {
  return { known: quantity.known * factor, perUnknown: quantity.perUnknown * factor };
}

export function valueAt(quantity: Affine, unknown: number): number {
  // 0 · ∞ would poison an amount that does not depend on the unknown at all.
  return quantity.perUnknown === 0
    ? quantity.known
    : quantity.known + quantity.perUnknown * unknown;
}
