import {
  minus,
  number,
  ONE,
  plus,
  power,
  product,
  quotient,
  type Expression,
  type Factor,
} from "../../workings/mathematics/expression";
import { evaluate } from "../../workings/mathematics/evaluate";
import {
  growingFuture,
  growingPresent,
  levelFuture,
  levelPresent,
  stepsPresent,
} from "../../workings/mathematics/factors";

/**
 * A factor whose formula has lost its digits: it divides a small difference by a small rate. There its
 * binomial series is as good as exact, and a workbook, which has no function for such differences, needs it.
 */
export interface NearZero {
  /** Small where the series holds; the formula takes over beyond `WITHIN`. */
  readonly small: Expression;
  readonly series: Expression;
}

/** With five terms the series is off by less than this to the fifth power over 720. */
export const WITHIN = 0.02;

const TERMS = 5;

/** @returns `null` where the formula has all its digits */
export function nearZero(factor: Factor, args: readonly Expression[]): NearZero | null {
  const made = SERIES.get(factor)?.(args);
  return made === undefined || Math.abs(evaluate(made.small)) >= WITHIN ? null : made;
}

const SERIES = new Map<Factor, (args: readonly Expression[]) => NearZero>([
  [levelPresent, ([rate = ONE, count = ONE]) => present(rate, count)],
  [levelFuture, ([rate = ONE, count = ONE]) => future(rate, count)],
  [
    growingPresent,
    ([rate = ONE, growth = ONE, count = ONE]) => {
      const { small, series } = present(netOf(rate, growth), count);
      return { small, series: quotient(series, plus(ONE, growth)) };
    },
  ],
  [
    growingFuture,
    ([rate = ONE, growth = ONE, count = ONE]) => {
      const { small, series } = present(netOf(rate, growth), count);
      const grown = power(plus(ONE, rate), count);
      return { small, series: product(quotient(series, plus(ONE, growth)), grown) };
    },
  ],
  [stepsPresent, ([rate = ONE, count = ONE]) => steps(rate, count)],
]);

/** The rate at which growing payments are worth what level ones are: (i − g)/(1 + g). */
function netOf(rate: Expression, growth: Expression): Expression {
  return quotient(minus(rate, growth), plus(ONE, growth));
}

/** n − n(n+1)/2·i + n(n+1)(n+2)/6·i² − … */
function present(rate: Expression, count: Expression): NearZero {
  return {
    small: product(count, rate),
    series: product(
      count,
      nested(1, (term, rest) =>
        minus(ONE, product(rate, quotient(plus(count, number(term)), number(term + 1)), rest)),
      ),
    ),
  };
}

/** n + n(n−1)/2·i + n(n−1)(n−2)/6·i² + … */
function future(rate: Expression, count: Expression): NearZero {
  return {
    small: product(count, rate),
    series: product(
      count,
      nested(1, (term, rest) =>
        plus(ONE, product(rate, quotient(minus(count, number(term)), number(term + 1)), rest)),
      ),
    ),
  };
}

/** n(n−1)/2 − 2·(n+1)n(n−1)/6·i + 3·(n+2)(n+1)n(n−1)/24·i² − … */
function steps(rate: Expression, count: Expression): NearZero {
  const first = quotient(product(count, minus(count, ONE)), number(2));
  return {
    small: product(count, rate),
    series: product(
      first,
      nested(1, (term, rest) => {
        const ratio = quotient(
          product(number(term + 1), plus(count, number(term))),
          number(term * (term + 2)),
        );
        return minus(ONE, product(rate, ratio, rest));
      }),
    ),
  };
}

/** A series by Horner's rule: each term is so much of the one before. */
function nested(term: number, one: (term: number, rest: Expression) => Expression): Expression {
  return term > TERMS ? ONE : one(term, nested(term + 1, one));
}
