import { arithmeticSum, geometricSum } from "../../../engine/flows/series-sums";
import { evaluate } from "./evaluate";
import {
  minus,
  negative,
  number,
  ONE,
  plus,
  power,
  product,
  quotient,
  factorOf,
  wholeInverse,
  type Expression,
  type Factor,
} from "./expression";
import { PART_BETWEEN } from "../../../engine/numbers/compare";

/** (1+i)ⁿ: the value of 1 after n periods; a negative n discounts. */
export const growthFactor: Factor = {
  name: "growth",
  sign: null,
  explicit: ([rate, count]) => power(plus(ONE, need(rate)), need(count)),
  evaluate: ([rate = NaN, count = NaN]) => Math.exp(count * Math.log1p(rate)),
};

/** e^{δt}: the same for continuous compounding. */
export const continuousGrowth: Factor = {
  name: "continuous-growth",
  sign: null,
  explicit: ([force, years]) => ({
    op: "exponential",
    exponent: product(need(force), need(years)),
  }),
  evaluate: ([force = NaN, years = NaN]) => Math.exp(force * years),
};

/** (1+i)^{m/p} − 1: the rate for a period of which there are p a year, from one for m a year. */
export const equivalentRate: Factor = {
  name: "equivalent-rate",
  sign: null,
  explicit: ([rate, perYear, wanted]) =>
    minus(power(plus(ONE, need(rate)), periodsIn(need(perYear), need(wanted))), ONE),
  evaluate: ([rate = NaN, perYear = NaN, wanted = NaN]) =>
    Math.expm1((perYear / wanted) * Math.log1p(rate)),
};

/** e^{δ/p} − 1: the rate for a period of which there are p a year, from a force of interest. */
export const rateFromForce: Factor = {
  name: "rate-from-force",
  sign: null,
  explicit: ([force, wanted]) =>
    minus({ op: "exponential", exponent: quotient(need(force), need(wanted)) }, ONE),
  evaluate: ([force = NaN, wanted = NaN]) => Math.expm1(force / wanted),
};

/** a: the value of n payments of 1, one period before the first. */
export const levelPresent: Factor = {
  name: "level-present",
  sign: ([rate = "", count = ""]) => actuarial("a", rate, count),
  explicit: ([rate, count]) =>
    quotient(minus(ONE, factorOf(growthFactor, need(rate), negative(need(count)))), need(rate)),
  special: { zero: ([rate]) => need(rate), explicit: ([, count]) => need(count) },
  evaluate: ([rate = NaN, count = NaN]) => presentOfLevel(rate, count),
};

/** s: the value of n payments of 1, at the time of the last. */
export const levelFuture: Factor = {
  name: "level-future",
  sign: ([rate = "", count = ""]) => actuarial("s", rate, count),
  explicit: ([rate, count]) =>
    quotient(minus(factorOf(growthFactor, need(rate), need(count)), ONE), need(rate)),
  special: { zero: ([rate]) => need(rate), explicit: ([, count]) => need(count) },
  evaluate: ([rate = NaN, count = NaN]) =>
    rate === 0 ? count : Math.expm1(count * Math.log1p(rate)) / rate,
};

/** n growing payments, the first 1 and each (1+g) times the one before, one period before the first. */
export const growingPresent: Factor = {
  name: "growing-present",
  sign: null,
  explicit: ([rate, growth, count]) =>
    quotient(
      minus(ONE, power(quotient(plus(ONE, need(growth)), plus(ONE, need(rate))), need(count))),
      minus(need(rate), need(growth)),
    ),
  special: {
    zero: ([rate, growth]) => minus(need(rate), need(growth)),
    explicit: ([rate, , count]) => quotient(need(count), plus(ONE, need(rate))),
  },
  evaluate: ([rate = NaN, growth = NaN, count = NaN]) =>
    sumOfSeries(count, Math.log1p(growth) - Math.log1p(rate)) / (1 + rate),
};

/** The same at the time of the last payment. */
export const growingFuture: Factor = {
  name: "growing-future",
  sign: null,
  explicit: ([rate, growth, count]) =>
    quotient(
      minus(
        factorOf(growthFactor, need(rate), need(count)),
        factorOf(growthFactor, need(growth), need(count)),
      ),
      minus(need(rate), need(growth)),
    ),
  special: {
    zero: ([rate, growth]) => minus(need(rate), need(growth)),
    explicit: ([rate, , count]) =>
      product(need(count), factorOf(growthFactor, need(rate), minus(need(count), ONE))),
  },
  evaluate: ([rate = NaN, growth = NaN, count = NaN]) =>
    sumOfSeries(count, Math.log1p(growth) - Math.log1p(rate)) *
    Math.exp((count - 1) * Math.log1p(rate)),
};

/** n payments of 0, 1, 2, …, one period before the first: the effect of a fixed step. */
export const stepsPresent: Factor = {
  name: "steps-present",
  sign: null,
  explicit: ([rate, count]) =>
    quotient(
      minus(
        factorOf(levelPresent, need(rate), need(count)),
        product(need(count), factorOf(growthFactor, need(rate), negative(need(count)))),
      ),
      need(rate),
    ),
  special: {
    zero: ([rate]) => need(rate),
    explicit: ([, count]) => quotient(product(need(count), minus(need(count), ONE)), number(2)),
  },
  evaluate: ([rate = NaN, count = NaN]) => sumOfSteps(rate, count) / (1 + rate),
};

/** (1+i)^q − 1: the rate of q periods together. */
export const rateOfSeveral: Factor = {
  name: "rate-of-several",
  sign: null,
  explicit: ([rate, count]) => minus(factorOf(growthFactor, need(rate), need(count)), ONE),
  evaluate: ([rate = NaN, count = NaN]) => Math.expm1(count * Math.log1p(rate)),
};

export const FACTORS: readonly Factor[] = [
  growthFactor,
  continuousGrowth,
  equivalentRate,
  rateFromForce,
  levelPresent,
  levelFuture,
  growingPresent,
  growingFuture,
  stepsPresent,
  rateOfSeveral,
];

/** Compounding periods in one of the wanted periods: m/p, and 8m in a period of eight years. */
function periodsIn(perYear: Expression, wanted: Expression): Expression {
  const years = wanted.op === "number" ? wholeInverse(wanted.value) : null;
  const yearsEach = perYear.op === "number" ? wholeInverse(perYear.value) : null;
  if (years !== null) return product(perYear, number(years));
  if (yearsEach !== null) return quotient(ONE, product(number(yearsEach), wanted));
  return quotient(perYear, wanted);
}

function actuarial(base: string, rate: string, count: string) {
  return {
    latex: String.raw`${base}_{\overline{${count}}|\,${rate}}`,
    plain: `${base}(${count}; ${rate})`,
  };
}

function presentOfLevel(rate: number, count: number): number {
  return rate === 0 ? count : -Math.expm1(-count * Math.log1p(rate)) / rate;
}

/** 1 + eˣ + e²ˣ + …, with x of either sign. */
function sumOfSeries(count: number, exponent: number): number {
  return exponent <= 0
    ? geometricSum(count, exponent)
    : geometricSum(count, -exponent) * Math.exp((count - 1) * exponent);
}

/** 0 + v + 2v² + …, at the first payment. */
function sumOfSteps(rate: number, count: number): number {
  const exponent = -Math.log1p(rate);
  if (exponent <= 0) return arithmeticSum(count, exponent);
  // Read backwards: (count − 1) − k.
  const falling = (count - 1) * geometricSum(count, -exponent) - arithmeticSum(count, -exponent);
  return falling * Math.exp((count - 1) * exponent);
}

function need(expression: Expression | undefined): Expression {
  if (expression === undefined) throw new TypeError("A factor is written with all its arguments");
  return expression;
}

/** A factor written out, in the form that holds for its arguments. */
export function explicitForm(factor: Factor, args: readonly Expression[]): Expression {
  return factor.special !== undefined && isNothing(factor.special.zero(args))
    ? factor.special.explicit(args)
    : factor.explicit(args);
}

/** Whether an expression is zero, or a difference with no digit left. */
function isNothing(expression: Expression): boolean {
  const value = evaluate(expression);
  const [first] = expression.op === "sum" ? expression.terms : [];
  return first === undefined
    ? value === 0
    : Math.abs(value) <= PART_BETWEEN.steps * Math.abs(evaluate(first.of));
}
