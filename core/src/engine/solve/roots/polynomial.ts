/** A polynomial with whole coefficients, from the lowest power; the last one is not zero. */
export type Polynomial = readonly bigint[];

/** p(x + 1), by Horner's scheme: additions only. */
export function shiftByOne(polynomial: Polynomial): bigint[] {
  const shifted = [...polynomial];
  for (let lowest = 0; lowest < shifted.length - 1; lowest += 1) {
    for (let power = shifted.length - 2; power >= lowest; power -= 1) {
      shifted[power] = (shifted[power] ?? 0n) + (shifted[power + 1] ?? 0n);
    }
  }
  return shifted;
}

/** x^degree · p(1/x). */
export function reversed(polynomial: Polynomial): bigint[] {
  return [...polynomial].reverse();
}

/** 2^degree · p(x/2). */
export function halved(polynomial: Polynomial): bigint[] {
  const degree = polynomial.length - 1;
  return polynomial.map((coefficient, power) => coefficient << BigInt(degree - power));
}

export function derivative(polynomial: Polynomial): bigint[] {
  return polynomial.slice(1).map((coefficient, power) => coefficient * BigInt(power + 1));
}

/** p(x) divided by x as often as possible: no root at zero and no zero coefficient at either end. */
export function stripped(polynomial: Polynomial): bigint[] {
  const first = polynomial.findIndex((coefficient) => coefficient !== 0n);
  if (first < 0) return [];
  const last = polynomial.findLastIndex((coefficient) => coefficient !== 0n);
  return polynomial.slice(first, last + 1);
}

/** Divided by (x − 1) as often as possible. */
export function withoutRootAtOne(polynomial: Polynomial): bigint[] {
  let rest = [...polynomial];
  while (rest.length > 1 && rest.reduce((sum, coefficient) => sum + coefficient, 0n) === 0n) {
    const quotient = rest.slice(1);
    for (let power = quotient.length - 2; power >= 0; power -= 1) {
      quotient[power] = (quotient[power] ?? 0n) + (quotient[power + 1] ?? 0n);
    }
    rest = quotient;
  }
  return rest;
}

/** The number of sign changes of its coefficients, zeros ignored, counted up to `atMost`. */
export function coefficientSignChanges(polynomial: Polynomial, atMost = Infinity): number {
  let changes = 0;
  let before = 0n;
  for (const coefficient of polynomial) {
    if (coefficient === 0n) continue;
    if (before !== 0n && coefficient > 0n !== before > 0n) {
      changes += 1;
      if (changes >= atMost) break;
    }
    before = coefficient;
  }
  return changes;
}

/** Divided by the greatest common divisor of its coefficients: same roots, but perhaps the other sign. */
export function primitive(polynomial: Polynomial): bigint[] {
  let content = 0n;
  for (const coefficient of polynomial) content = greatestCommonDivisor(content, coefficient);
  return content === 0n ? [] : polynomial.map((coefficient) => coefficient / content);
}

/** Of either sign. */
export function greatestCommonDivisor(one: bigint, other: bigint): bigint {
  let [a, b] = [one, other];
  while (b !== 0n) [a, b] = [b, a % b];
  return a;
}

/** Without zero coefficients at its highest powers. */
export function stripLeading(polynomial: Polynomial): bigint[] {
  return polynomial.slice(0, polynomial.findLastIndex((coefficient) => coefficient !== 0n) + 1);
}
