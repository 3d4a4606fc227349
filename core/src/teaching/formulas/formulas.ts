import type { FormulaName } from "../../wording/teaching/formula-words";
import {
  factorOf,
  logarithm,
  minus,
  negative,
  number,
  ONE,
  plus,
  power,
  product,
  quotient,
  type Expression,
} from "../workings/mathematics/expression";
import {
  continuousGrowth,
  equivalentRate,
  growingFuture,
  growingPresent,
  growthFactor,
  levelFuture,
  levelPresent,
  stepsPresent,
} from "../workings/mathematics/factors";
import { SYMBOLS } from "./symbols";

/** One form of a formula: a letter, and what it is equal to; `null` where there is no closed form. */
export interface Form {
  readonly letter: Expression;
  readonly equals: Expression | null;
}

const { PV, FV, PMT, n, i, g, G, t, r, d, force, m, p, periodic } = SYMBOLS;
const due = plus(ONE, i);
const grown = factorOf(growthFactor, i, n);
const discounted = factorOf(growthFactor, i, negative(n));

const form = (letter: Expression, equals: Expression | null): Form => ({ letter, equals });
const ln = (one: Expression, other: Expression) => quotient(logarithm(one), logarithm(other));

/** Each formula as it is taught, and rearranged for each of the other letters. */
export const FORMULAS: Readonly<Record<FormulaName, readonly [Form, ...Form[]]>> = {
  "compound-amount": [
    form(FV, product(PV, grown)),
    form(PV, product(FV, discounted)),
    form(i, minus(power(quotient(FV, PV), quotient(ONE, n)), ONE)),
    form(n, ln(quotient(FV, PV), due)),
  ],
  "continuous-amount": [
    form(FV, product(PV, factorOf(continuousGrowth, force, t))),
    form(PV, product(FV, { op: "exponential", exponent: negative(product(force, t)) })),
    form(force, quotient(logarithm(quotient(FV, PV)), t)),
    form(t, quotient(logarithm(quotient(FV, PV)), force)),
  ],
  "simple-interest": [
    form(FV, product(PV, plus(ONE, product(r, t)))),
    form(PV, quotient(FV, plus(ONE, product(r, t)))),
    form(r, quotient(minus(FV, PV), product(PV, t))),
    form(t, quotient(minus(FV, PV), product(PV, r))),
  ],
  "bank-discount": [
    form(PV, product(FV, minus(ONE, product(d, t)))),
    form(FV, quotient(PV, minus(ONE, product(d, t)))),
    form(d, quotient(minus(FV, PV), product(FV, t))),
    form(t, quotient(minus(FV, PV), product(FV, d))),
  ],
  "present-of-annuity": [
    form(PV, product(PMT, factorOf(levelPresent, i, n))),
    form(PMT, quotient(product(PV, i), minus(ONE, discounted))),
    form(n, negative(ln(minus(ONE, quotient(product(PV, i), PMT)), due))),
    form(i, null),
  ],
  "present-of-annuity-due": [
    form(PV, product(PMT, factorOf(levelPresent, i, n), due)),
    form(PMT, quotient(product(PV, i), product(minus(ONE, discounted), due))),
    form(n, negative(ln(minus(ONE, quotient(product(PV, i), product(PMT, due))), due))),
    form(i, null),
  ],
  "future-of-annuity": [
    form(FV, product(PMT, factorOf(levelFuture, i, n))),
    form(PMT, quotient(product(FV, i), minus(grown, ONE))),
    form(n, ln(plus(ONE, quotient(product(FV, i), PMT)), due)),
    form(i, null),
  ],
  "future-of-annuity-due": [
    form(FV, product(PMT, factorOf(levelFuture, i, n), due)),
    form(PMT, quotient(product(FV, i), product(minus(grown, ONE), due))),
    form(n, ln(plus(ONE, quotient(product(FV, i), product(PMT, due))), due)),
    form(i, null),
  ],
  "present-of-growing": growing(ONE),
  "present-of-growing-due": growing(due),
  "future-of-growing": [
    form(FV, product(PMT, factorOf(growingFuture, i, g, n))),
    form(PMT, quotient(product(FV, minus(i, g)), minus(grown, factorOf(growthFactor, g, n)))),
    form(n, null),
    form(g, null),
    form(i, null),
  ],
  "present-of-increasing": [
    form(
      PV,
      plus(product(PMT, factorOf(levelPresent, i, n)), product(G, factorOf(stepsPresent, i, n))),
    ),
    form(
      PMT,
      quotient(minus(PV, product(G, factorOf(stepsPresent, i, n))), factorOf(levelPresent, i, n)),
    ),
    form(
      G,
      quotient(minus(PV, product(PMT, factorOf(levelPresent, i, n))), factorOf(stepsPresent, i, n)),
    ),
    form(n, null),
    form(i, null),
  ],
  perpetuity: [form(PV, quotient(PMT, i)), form(PMT, product(PV, i)), form(i, quotient(PMT, PV))],
  "perpetuity-due": [
    form(PV, product(quotient(PMT, i), due)),
    form(PMT, quotient(product(PV, i), due)),
    form(i, quotient(PMT, minus(PV, PMT))),
  ],
  "growing-perpetuity": [
    form(PV, quotient(PMT, minus(i, g))),
    form(PMT, product(PV, minus(i, g))),
    form(i, plus(quotient(PMT, PV), g)),
    form(g, minus(i, quotient(PMT, PV))),
  ],
  uneven: [
    form(PV, {
      op: "written",
      latex: String.raw`\sum_{k} C_k\,(1+i)^{-t_k}`,
      plain: "Σ C(k) × (1 + i)^(−t(k))",
      of: number(NaN),
    }),
    form(i, null),
  ],
  "equivalent-rate": [
    form(periodic, factorOf(equivalentRate, i, m, p)),
    form(i, factorOf(equivalentRate, periodic, p, m)),
  ],
};

/** PMT·(1 − ((1+g)/(1+i))ⁿ)/(i − g), times 1 + i where it is due. */
function growing(dueFactor: Expression): [Form, ...Form[]] {
  const ratio = quotient(plus(ONE, g), plus(ONE, i));
  const share = quotient(product(PV, minus(i, g)), product(PMT, dueFactor));
  return [
    form(PV, product(PMT, factorOf(growingPresent, i, g, n), dueFactor)),
    form(PMT, quotient(product(PV, minus(i, g)), product(minus(ONE, power(ratio, n)), dueFactor))),
    form(n, ln(minus(ONE, share), ratio)),
    form(g, null),
    form(i, null),
  ];
}
