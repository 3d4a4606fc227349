import type { PaymentRounding } from "../../../engine/flows/payment-rounding";
import type {
  Expression,
  Quantity,
  SignedTerm,
  Factor,
} from "../../workings/mathematics/expression";
import { nearZero, WITHIN } from "./near-zero";

/** Where the figures of a formula stand. */
export interface Places {
  /** The cell of a quantity; `null` where it has none and is written as what it is made of. */
  readonly cellOf: (quantity: Quantity) => string | null;
  /**
   * Puts each of many parts into a cell of its own, and returns their range.
   * @param whole stands for the parts: the same is asked for no second time
   */
  readonly rangeOf: (parts: readonly Expression[], whole: object) => string;
}

/** More parts than this in one formula are put into cells of their own. */
export const MOST_PARTS = 12;

/** Closer to zero than this, nothing is left of a difference but rounding. */
const NOTHING = "1E-11";

/**
 * How tightly the parts of a formula hold together. In OpenFormula a minus before a figure holds tighter
 * than a power, so a power behind a minus needs brackets.
 */
const SUM = 1;
const PRODUCT = 2;
const POWER = 3;
const ATOM = 4;

interface Written {
  readonly text: string;
  readonly level: number;
}

/** An expression as a formula of a workbook, by the operators and function names of OpenFormula. */
export function formulaOf(expression: Expression, places: Places): string {
  return written(expression, places).text;
}

function written(expression: Expression, places: Places): Written {
  const inner = (one: Expression, least: number) => bracketed(written(one, places), least);
  switch (expression.op) {
    case "number":
    case "root":
      return figure(expression.value);
    case "fraction":
      return { text: `${expression.over}/${expression.under}`, level: PRODUCT };
    case "written":
      return written(expression.of, places);
    case "quantity":
      return quantity(expression.quantity, places);
    case "sum":
      return sumOf(expression.terms, places);
    case "product":
      return expression.factors.length > MOST_PARTS
        ? call("PRODUCT", places.rangeOf(expression.factors, expression.factors))
        : {
            text: expression.factors.map((factor) => inner(factor, PRODUCT)).join("*"),
            level: PRODUCT,
          };
    case "quotient":
      return {
        text: `${inner(expression.over, PRODUCT)}/${inner(expression.under, POWER)}`,
        level: PRODUCT,
      };
    case "power":
      return {
        text: `${inner(expression.base, ATOM)}^${inner(expression.exponent, ATOM)}`,
        level: POWER,
      };
    case "exponential":
      return call("EXP", inner(expression.exponent, 0));
    case "logarithm":
      return call("LN", inner(expression.of, 0));
    case "rounded":
      return roundedOf(inner(expression.of, 0), expression.rounding);
    case "factor":
      return factorOf(expression.factor, expression.args, places);
  }
}

/** Digits that a payment keeps before it is rounded up: what noise adds beyond them is no cent. */
const DIGITS_KEPT = 8;

function roundedOf(formula: string, rounding: PaymentRounding): Written {
  return rounding === "up"
    ? call("ROUNDUP", `${call("ROUND", `${formula},${DIGITS_KEPT}`).text},2`)
    : call("ROUND", `${formula},2`);
}

/** A factor in its formula, which gives way where it would divide nothing by nothing, or hardly more. */
function factorOf(factor: Factor, args: readonly Expression[], places: Places): Written {
  const { explicit, special } = factor;
  const general = written(explicit(args), places);
  const near = nearZero(factor, args);
  if (near !== null) {
    const small = written(near.small, places).text;
    const series = written(near.series, places).text;
    return call("IF", `ABS(${small})<${WITHIN},${series},${general.text}`);
  }
  if (special === undefined) return general;
  const zero = written(special.zero(args), places).text;
  const instead = written(special.explicit(args), places).text;
  return call("IF", `ABS(${zero})<${NOTHING},${instead},${general.text}`);
}

function quantity(one: Quantity, places: Places): Written {
  const cell = places.cellOf(one);
  if (cell !== null) return { text: cell, level: ATOM };
  return one.expression === null ? figure(one.value) : written(one.expression, places);
}

function figure(value: number): Written {
  return { text: String(value).toUpperCase(), level: value < 0 ? SUM : ATOM };
}

function sumOf(terms: readonly SignedTerm[], places: Places): Written {
  if (terms.length > MOST_PARTS) {
    const parts = terms.map((term): Expression =>
      term.sign > 0 ? term.of : { op: "sum", terms: [term] },
    );
    return call("SUM", places.rangeOf(parts, terms));
  }
  const text = terms
    .map(({ sign, of }, index) => {
      const part = written(of, places);
      if (sign > 0) return index === 0 ? part.text : `+${bracketed(part, SUM)}`;
      // A first minus would be taken for the sign of the figure behind it.
      return `-${bracketed(part, index === 0 ? ATOM : PRODUCT)}`;
    })
    .join("");
  return { text, level: SUM };
}

function call(name: string, args: string): Written {
  return { text: `${name}(${args})`, level: ATOM };
}

function bracketed({ text, level }: Written, least: number): string {
  return level < least ? `(${text})` : text;
}
