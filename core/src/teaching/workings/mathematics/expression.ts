import type { PaymentRounding } from "../../../engine/flows/payment-rounding";
import { PART_BETWEEN, isClose } from "../../../engine/numbers/compare";
import type { FieldRef } from "../../../engine/fields/field-ref";

/**
 * The mathematics of the workings. Symbols, numbers, values and the formulas of a workbook all come from one tree,
 * so that they cannot differ.
 */
export type Expression =
  | { readonly op: "number"; readonly value: number }
  | { readonly op: "fraction"; readonly over: number; readonly under: number }
  | { readonly op: "quantity"; readonly quantity: Quantity }
  | { readonly op: "sum"; readonly terms: readonly SignedTerm[] }
  | { readonly op: "product"; readonly factors: readonly Expression[] }
  | { readonly op: "quotient"; readonly over: Expression; readonly under: Expression }
  | { readonly op: "power"; readonly base: Expression; readonly exponent: Expression }
  | { readonly op: "exponential"; readonly exponent: Expression }
  | { readonly op: "logarithm"; readonly of: Expression }
  | { readonly op: "factor"; readonly factor: Factor; readonly args: readonly Expression[] }
  /** In whole cents. */
  | { readonly op: "rounded"; readonly of: Expression; readonly rounding: PaymentRounding }
  /** An unknown found numerically: the root of a balance between two numbers. */
  | ({ readonly op: "root" } & SoughtRoot)
  /** A short form of an expression that is too long to read. */
  | {
      readonly op: "written";
      readonly latex: string;
      readonly plain: string;
      readonly of: Expression;
    };

/**
 * A function with a textbook formula and perhaps an actuarial symbol, such as an annuity factor. It is evaluated in
 * the form that keeps its digits and written in the form that is taught.
 */
export interface Factor {
  readonly name: string;
  /** The actuarial symbol, from the written arguments; `null` if it is always written out. */
  readonly sign:
    ((args: readonly string[]) => { readonly latex: string; readonly plain: string }) | null;
  readonly explicit: (args: readonly Expression[]) => Expression;
  /** The special case in which the formula would be 0/0: what is zero, and the formula for that case. */
  readonly special?: {
    readonly zero: (args: readonly Expression[]) => Expression;
    readonly explicit: (args: readonly Expression[]) => Expression;
  };
  readonly evaluate: (args: readonly number[]) => number;
}

/** A value that has no formula. */
export interface SoughtRoot {
  readonly unknown: Quantity;
  /** Money in less money out, as a function of the unknown. */
  readonly balance: Expression;
  /** On both sides of the root, with no other root between them. */
  readonly low: number;
  readonly high: number;
  readonly value: number;
}

export interface SignedTerm {
  readonly sign: 1 | -1;
  readonly of: Expression;
}

/** The unit of a quantity, which decides how its digits are written and whether a course rounds it. */
export type QuantityKind = "money" | "rate" | "factor" | "count" | "time";

/** A quantity of the workings: given, calculated from others, or the unknown. */
export interface Quantity {
  /** Unique within the workings. */
  readonly id: string;
  readonly kind: QuantityKind;
  /** `null` if it has no letter and is written as its formula. */
  readonly letter: Letter | null;
  readonly value: number;
  /** Its formula; `null` if it is given or unknown. */
  readonly expression: Expression | null;
  /** The field of the problem that gives it. */
  readonly field: FieldRef | null;
  readonly isUnknown: boolean;
  /** Whether it depends on the unknown, and so has no value yet. */
  readonly isOpen: boolean;
}

/** A textbook's letter. It gets a number only if the workings have several of its kind. */
export interface Letter {
  readonly base: string;
  readonly mark: string;
  number: number | null;
}

export function number(value: number): Expression {
  return { op: "number", value };
}

export const ONE = number(1);

export function of(quantity: Quantity): Expression {
  return { op: "quantity", quantity };
}

export function asExpression(figure: Quantity | number): Expression {
  return typeof figure === "number" ? number(figure) : of(figure);
}

export function plus(...terms: readonly Expression[]): Expression {
  return sum(terms.map((term) => ({ sign: 1, of: term })));
}

export function minus(one: Expression, other: Expression): Expression {
  return sum([
    { sign: 1, of: one },
    { sign: -1, of: other },
  ]);
}

export function negative(one: Expression): Expression {
  return { op: "sum", terms: [{ sign: -1, of: one }] };
}

export function sum(terms: readonly SignedTerm[]): Expression {
  const [first] = terms;
  if (first === undefined) return number(0);
  return terms.length === 1 && first.sign === 1 ? first.of : { op: "sum", terms };
}

/** The most terms or factors written in one formula. */
const MOST_READ = 12;

/** A sum in full, or with a summation sign if it has too many terms. */
export function readableSum(terms: readonly SignedTerm[], letter: string): Expression {
  if (terms.length <= MOST_READ) return sum(terms);
  return {
    op: "written",
    latex: String.raw`\sum_{k=1}^{${terms.length}} ${letter}_k`,
    plain: `Σ ${letter}(k), k = 1 to ${terms.length}`,
    of: sum(terms),
  };
}

/** The same for a product. */
export function readableProduct(...factors: readonly Expression[]): Expression {
  if (factors.length <= MOST_READ) return product(...factors);
  return {
    op: "written",
    latex: String.raw`\prod_{k=1}^{${factors.length}} (1+i_k)^{n_k}`,
    plain: `Π (1 + i(k))^n(k), k = 1 to ${factors.length}`,
    of: product(...factors),
  };
}

/** A product without factors of 1, and with nested products flattened. */
export function product(...factors: readonly Expression[]): Expression {
  const flat = factors
    .flatMap((factor) => (factor.op === "product" ? factor.factors : [factor]))
    .filter((factor) => !isOne(factor));
  const [first] = flat;
  if (first === undefined) return ONE;
  return flat.length === 1 ? first : { op: "product", factors: flat };
}

/** A quotient; what is divided by 1 over something is multiplied by it. */
export function quotient(over: Expression, under: Expression): Expression {
  if (isOne(under)) return over;
  const factors = under.op === "product" ? under.factors : [under];
  const inverses = factors.flatMap((one) => inverseOf(one) ?? []);
  if (inverses.length === 0) return { op: "quotient", over, under };
  const rest = factors.filter((one) => inverseOf(one) === null);
  return quotient(product(over, ...inverses), product(...rest));
}

/** What something is 1 over; `null` if it is not written so. */
export function inverseOf(expression: Expression): Expression | null {
  return expression.op === "quotient" && isOne(expression.over) ? expression.under : null;
}

/** So many times something: its half where there is 0.5 of it. */
export function multiple(times: number, of: Expression): Expression {
  const inverse = wholeInverse(times);
  return inverse === null ? product(number(times), of) : quotient(of, number(inverse));
}

/** How often something goes into 1, if that is a whole number above 1. */
export function wholeInverse(part: number): number | null {
  const inverse = Math.round(1 / part);
  return inverse > 1 && isClose(inverse * part, 1, PART_BETWEEN.anyWay) ? inverse : null;
}

export function power(base: Expression, exponent: Expression): Expression {
  return isOne(exponent) ? base : { op: "power", base, exponent };
}

export function squareRoot(of: Expression): Expression {
  return { op: "power", base: of, exponent: { op: "fraction", over: 1, under: 2 } };
}

/** Whether an exponent is that of a square root. */
export function isHalf(exponent: Expression): boolean {
  return exponent.op === "fraction" && exponent.over === 1 && exponent.under === 2;
}

export function logarithm(expression: Expression): Expression {
  return { op: "logarithm", of: expression };
}

export function rounded(expression: Expression, rounding: PaymentRounding): Expression {
  return { op: "rounded", of: expression, rounding };
}

export function factorOf(factor: Factor, ...args: readonly Expression[]): Expression {
  return { op: "factor", factor, args };
}

export function isOne(expression: Expression): boolean {
  return expression.op === "number" && expression.value === 1;
}
