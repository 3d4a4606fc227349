import {
  derivative,
  greatestCommonDivisor,
  primitive,
  stripLeading,
  type Polynomial,
} from "./polynomial";

/**
 * The same roots, each once: p over the greatest common divisor of p and p′.
 *
 * The divisor is found modulo primes small enough for doubles, put together by the Chinese remainder theorem, and
 * accepted if it divides p exactly: coefficients of p and of the divisor have few digits, those in between have
 * very many.
 *
 * @returns p itself if it has no multiple root; `null` if the primes do not suffice
 * Source: W. S. Brown, On Euclid's algorithm and the computation of polynomial greatest common divisors (1971)
 */
export function squareFree(polynomial: Polynomial): bigint[] | null {
  const whole = primitive(polynomial);
  if (whole.length <= 1) return whole;
  const slope = primitive(derivative(whole));
  const lead = greatestCommonDivisor(whole.at(-1) ?? 1n, slope.at(-1) ?? 1n);
  let image: Image | null = null;
  for (const prime of primes(MOST_WORK / whole.length ** 2)) {
    const modulus = BigInt(prime);
    // Such a prime changes the degree of p or of its slope.
    if ((whole.at(-1) ?? 0n) % modulus === 0n || (slope.at(-1) ?? 0n) % modulus === 0n) continue;
    const common = commonDivisor(residues(whole, prime), residues(slope, prime), prime);
    if (common.length === 1) return whole;
    const scaled = times(common, Number(positive(lead, modulus)), prime);
    image = joined(image, scaled, prime);
    const divisor = primitive(balanced(image));
    const divided = exactQuotient(whole, divisor);
    // A prime may see too large a divisor, which then divides p alone.
    if (divided !== null && exactQuotient(slope, divisor) !== null) return primitive(divided);
  }
  return null;
}

/** A polynomial known modulo a product of primes. */
interface Image {
  readonly polynomial: readonly bigint[];
  readonly modulus: bigint;
}

/** With products below 2^53, doubles are exact. */
const LARGEST_PRIME = 2 ** 26;

/** In multiplications: some tenths of a second. */
const MOST_WORK = 1e8;

function* primes(most: number): Generator<number> {
  let found = 0;
  for (let number = LARGEST_PRIME - 1; found < most && number > 2; number -= 2) {
    if (!isPrime(number)) continue;
    found += 1;
    yield number;
  }
}

function isPrime(odd: number): boolean {
  for (let factor = 3; factor * factor <= odd; factor += 2) {
    if (odd % factor === 0) return false;
  }
  return true;
}

const positive = (value: bigint, modulus: bigint) => ((value % modulus) + modulus) % modulus;

function residues(polynomial: Polynomial, prime: number): number[] {
  const modulus = BigInt(prime);
  return polynomial.map((coefficient) => Number(positive(coefficient, modulus)));
}

/** The greatest common divisor modulo a prime, by Euclid's algorithm; its leading coefficient is 1. */
function commonDivisor(one: readonly number[], other: readonly number[], prime: number): number[] {
  let [dividend, divisor] = [[...one], monic([...other], prime)];
  while (divisor.length > 0) {
    const degree = divisor.length - 1;
    for (let top = dividend.length - 1; top >= degree; top -= 1) {
      const factor = dividend[top] ?? 0;
      if (factor === 0) continue;
      for (let power = 0; power <= degree; power += 1) {
        const place = top - degree + power;
        const less = (factor * (divisor[power] ?? 0)) % prime;
        const rest = (dividend[place] ?? 0) - less;
        dividend[place] = rest < 0 ? rest + prime : rest;
      }
    }
    const rest = dividend.slice(0, degree);
    while (rest.at(-1) === 0) rest.pop();
    [dividend, divisor] = [divisor, monic(rest, prime)];
  }
  return dividend;
}

function monic(polynomial: number[], prime: number): number[] {
  const lead = polynomial.at(-1);
  return lead === undefined ? [] : times(polynomial, inverse(lead, prime), prime);
}

function times(polynomial: readonly number[], factor: number, prime: number): number[] {
  return polynomial.map((coefficient) => (coefficient * factor) % prime);
}

function inverse(value: number, prime: number): number {
  let [rest, next, coefficient, following] = [prime, value, 0, 1];
  while (next !== 0) {
    const quotient = Math.floor(rest / next);
    [rest, next] = [next, rest - quotient * next];
    [coefficient, following] = [following, coefficient - quotient * following];
  }
  return coefficient < 0 ? coefficient + prime : coefficient;
}

/** What is known modulo all primes so far and one more; a prime with a larger degree was an unlucky one. */
function joined(image: Image | null, residue: readonly number[], prime: number): Image {
  const modulus = BigInt(prime);
  const fresh = { polynomial: residue.map(BigInt), modulus };
  if (image === null || residue.length < image.polynomial.length) return fresh;
  if (residue.length > image.polynomial.length) return image;
  const turned = BigInt(inverse(Number(image.modulus % modulus), prime));
  const polynomial = image.polynomial.map((coefficient, power) => {
    const gap = positive(BigInt(residue[power] ?? 0) - coefficient, modulus);
    return coefficient + image.modulus * ((gap * turned) % modulus);
  });
  return { polynomial, modulus: image.modulus * modulus };
}

/** Coefficients around zero: those of the divisor itself, once the modulus is more than twice their size. */
function balanced({ polynomial, modulus }: Image): bigint[] {
  return polynomial.map((coefficient) =>
    coefficient > modulus / 2n ? coefficient - modulus : coefficient,
  );
}

/** The quotient of two polynomials; `null` if one does not divide the other in whole numbers. */
function exactQuotient(polynomial: Polynomial, divisor: Polynomial): bigint[] | null {
  const lead = divisor.at(-1) ?? 1n;
  const rest = [...polynomial];
  const quotient: bigint[] = [];
  for (let place = rest.length - divisor.length; place >= 0; place -= 1) {
    const top = rest[place + divisor.length - 1] ?? 0n;
    if (top % lead !== 0n) return null;
    const factor = top / lead;
    quotient.unshift(factor);
    if (factor === 0n) continue;
    divisor.forEach((coefficient, power) => {
      rest[place + power] = (rest[place + power] ?? 0n) - factor * coefficient;
    });
  }
  return stripLeading(rest).length === 0 ? quotient : null;
}
