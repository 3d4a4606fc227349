import { isHalf, isOne, type Expression, type Quantity, type SignedTerm } from "./expression";
import { explicitForm } from "./factors";
import { figureOf, plainFigure, type Rounding } from "./figures";
import { letterIn, type Hand } from "./hands";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { withMarks, type AnswerFormat } from "../../../wording/answer-format";

/**
 * How quantities are written.
 * - `symbols`: by their letters
 * - `values`: by their values
 * - `numbers`: by their values, but a quantity without a letter by the numbers it is made of
 */
export type Manner = "symbols" | "values" | "numbers";

export interface Style {
  readonly hand: Hand;
  readonly rounding: Rounding;
  /** The marks of the numbers. */
  readonly format: AnswerFormat;
  /** Whether factors are written as annuity symbols or as full formulas. */
  readonly notation: "fractions" | "factors";
  /** Marks each number with its quantity, so that a screen can point back to it. */
  readonly isMarked: boolean;
}

const ROUNDED = STEP_WORDS.roundedPayment.toTheCent;

/** How tightly an expression binds; a looser one needs brackets. */
const SUM = 1;
const PRODUCT = 2;
const POWER = 3;
const ATOM = 4;

interface Written {
  readonly text: string;
  readonly level: number;
  /** Whether it begins with a digit, so that a product needs a multiplication sign. */
  readonly isFigure?: boolean;
}

/** Writes an expression as LaTeX or as plain text. */
export function write(expression: Expression, manner: Manner, style: Style): string {
  return written(expression, manner, style).text;
}

function written(expression: Expression, manner: Manner, style: Style): Written {
  const { hand } = style;
  const inner = (one: Expression, least: number) =>
    bracketed(written(one, manner, style), least, hand);
  switch (expression.op) {
    case "number":
    case "root":
      return figure(hand.figure(withMarks(plainFigure(expression.value), style.format)));
    case "fraction":
      return {
        text: hand.fraction(String(expression.over), String(expression.under)),
        level: hand.fractionHolds ? ATOM : PRODUCT,
        isFigure: true,
      };
    case "written":
      return { text: hand.name === "latex" ? expression.latex : expression.plain, level: PRODUCT };
    case "quantity":
      return quantity(expression.quantity, manner, style);
    case "sum":
      return sumOf(expression.terms, manner, style);
    case "product":
      return productOf(expression.factors, manner, style);
    case "quotient":
      return hand.fractionHolds
        ? {
            text: hand.fraction(inner(expression.over, 0), inner(expression.under, 0)),
            level: ATOM,
          }
        : {
            text: hand.fraction(inner(expression.over, PRODUCT), inner(expression.under, POWER)),
            level: PRODUCT,
          };
    case "power":
      return powerOf(expression.base, expression.exponent, manner, style);
    case "exponential":
      return {
        text: hand.power("e", inner(expression.exponent, hand.powerHolds ? 0 : ATOM)),
        level: POWER,
      };
    case "logarithm":
      return { text: hand.logarithm(inner(expression.of, 0)), level: ATOM };
    case "rounded":
      return {
        text: `${inner(expression.of, ATOM)}${hand.words(ROUNDED[expression.rounding])}`,
        level: SUM,
      };
    case "factor": {
      const { factor, args } = expression;
      if (style.notation === "factors" && factor.sign !== null && manner !== "numbers") {
        const signs = factor.sign(
          args.map((arg) => written(arg, manner, { ...style, isMarked: false }).text),
        );
        return { text: signs[hand.name], level: ATOM };
      }
      return written(explicitForm(factor, args), manner, style);
    }
  }
}

function figure(text: string): Written {
  // A power of ten is a product and may need brackets.
  const level = text.startsWith("-") ? SUM : text.includes("10^") ? PRODUCT : ATOM;
  return { text, level, isFigure: true };
}

function quantity(one: Quantity, manner: Manner, style: Style): Written {
  const { letter, expression, isOpen: open } = one;
  const isInlined = letter === null && expression !== null;
  if (isInlined && (manner !== "values" || open)) return written(expression, manner, style);
  if (letter !== null && (manner === "symbols" || open)) {
    return { text: letterIn(letter, style.hand), level: ATOM };
  }
  const text = style.hand.figure(withMarks(figureOf(one, style.rounding), style.format));
  const mark = style.isMarked ? style.hand.marked(text.replace(/^-/, ""), one.id) : text;
  return figure(text.startsWith("-") && style.isMarked ? `-${mark}` : mark);
}

function sumOf(terms: readonly SignedTerm[], manner: Manner, style: Style): Written {
  const added = manner === "symbols" ? null : oneAndPart(terms, manner, style);
  if (added !== null) return added;
  const parts = terms.map(({ sign, of }) => {
    const part = written(of, manner, style);
    // Adding a negative number is written as a subtraction.
    const turns = part.level === SUM && part.isFigure === true && part.text.startsWith("-");
    const text = turns ? part.text.slice(1) : bracketed(part, sign < 0 ? PRODUCT : SUM, style.hand);
    return { sign: turns ? -sign : sign, text };
  });
  const [first] = parts;
  if (terms.length === 1 && first !== undefined) {
    return { text: `${first.sign < 0 ? "-" : ""}${first.text}`, level: SUM, isFigure: true };
  }
  const text = parts
    .map(({ sign, text: part }, index) => {
      if (index === 0) return sign < 0 ? `-${part}` : part;
      return ` ${sign < 0 ? "-" : "+"} ${part}`;
    })
    .join("");
  return { text, level: SUM };
}

/** A part of 1 in digits, perhaps marked with its quantity: 0.00575. */
const PART_OF_ONE = /^((?:\\htmlData\{from=\w+\}\{)?)0(?=(?:\{,\}|[.,])\d+\}?$)/;

/** 1 and a rate in one figure, as it is written by hand: 1.00575. */
function oneAndPart(terms: readonly SignedTerm[], manner: Manner, style: Style): Written | null {
  const [one, other] = terms;
  if (terms.length !== 2 || one === undefined || other === undefined) return null;
  if (one.sign < 0 || other.sign < 0 || !isOne(one.of)) return null;
  const { text, isFigure } = written(other.of, manner, style);
  return isFigure === true && PART_OF_ONE.test(text)
    ? figure(text.replace(PART_OF_ONE, "$11"))
    : null;
}

function productOf(factors: readonly Expression[], manner: Manner, style: Style): Written {
  const { hand } = style;
  const parts = factors
    .map((factor) => written(factor, manner, style))
    .filter(({ text }) => text !== "1");
  const [first] = parts;
  if (first === undefined) return figure("1");
  if (parts.length === 1) return first;
  const text = parts.reduce((before, part, index) => {
    const one = bracketed(part, PRODUCT, hand);
    if (index === 0) return one;
    const isLoose = manner === "symbols" && part.isFigure !== true;
    return before + (isLoose ? hand.besides(one) : hand.times) + one;
  }, "");
  return { text, level: PRODUCT, ...(first.isFigure === true ? { isFigure: true } : {}) };
}

function powerOf(base: Expression, exponent: Expression, manner: Manner, style: Style): Written {
  const { hand } = style;
  if (isHalf(exponent)) {
    return { text: hand.squareRoot(written(base, manner, style).text), level: ATOM };
  }
  const raised = written(exponent, manner, style);
  if (raised.text === "1" || isOne(exponent)) {
    // A first power of a sum keeps its brackets, to stay recognizable as a power.
    const only = written(base, manner, style);
    return only.level === SUM ? { text: hand.brackets(only.text), level: ATOM } : only;
  }
  const text = hand.power(
    bracketed(written(base, manner, style), ATOM, hand, isTall(base)),
    hand.powerHolds ? raised.text : bracketed(raised, ATOM, hand),
  );
  return { text, level: POWER };
}

/** A fraction needs brackets only as the base of a power. */
function isTall(expression: Expression): boolean {
  return expression.op === "quotient" || expression.op === "fraction";
}

function bracketed({ text, level }: Written, least: number, hand: Hand, always = false): string {
  return level < least || always ? hand.brackets(text) : text;
}
