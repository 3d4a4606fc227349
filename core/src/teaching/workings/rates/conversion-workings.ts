import { convertRate } from "../../../engine/rates/convert-rate";
import { quotationOf, type Quotation } from "../../../engine/rates/quotation";
import { frequencyOf } from "../../../engine/time/duration";
import { quotationWords } from "../../../wording/quotation-words";
import { decimal, inPercentStep } from "../appraisal/parts";
import { lineOf, Sheet } from "../compose/sheet";
import {
  logarithm,
  minus,
  negative,
  number,
  of,
  ONE,
  plus,
  power,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { UNROUNDED } from "../mathematics/figures";
import type { Step } from "../step";
import type { WorkingsOptions } from "../workings";
import { RATE_STEP_WORDS } from "../../../wording/teaching/rate-step-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { USUAL_FORMAT, writePercent } from "../../../wording/answer-format";

const WORDS = RATE_STEP_WORDS;

interface ConversionOptions extends WorkingsOptions {
  /** The time over which simple interest and bank discount agree with another rate. */
  readonly years?: number;
}

/**
 * The conversion of a rate to another quotation, by way of the effective annual rate, which all quotations of
 * the same rate share.
 *
 * @returns `null` if the rate cannot be quoted this way
 * Accuracy: the last value agrees with `convertRate` to a relative 1e-9, unless intermediate values are rounded
 * Source: Kellison, The Theory of Interest, ch. 1
 */
export function conversionWorkings(
  from: Quotation & { readonly percent: number },
  to: Quotation,
  { rounding = UNROUNDED, format = USUAL_FORMAT, years = 1 }: ConversionOptions = {},
): Step[] | null {
  const converted = convertRate(from, to, years);
  if (!converted.ok) return null;
  const sheet = new Sheet(rounding, "rate_", format);
  const span = years === 1 ? ONE : of(sheet.given(sheet.letter("t"), "time", years, null));
  const given = sheet.given(sheet.letter(letterOf(from)), "rate", decimal(from.percent), null);
  const effective =
    from.quoted === "effective"
      ? given
      : sheet.work(sheet.letter("i"), "rate", effectiveFrom(from, given, span, sheet));
  const steps: Step[] = [
    {
      kind: "given",
      level: "short",
      say: WORDS.given(writePercent(from.percent, format), quotationWords(quotationOf(from))),
      lines: [lineOf(given)],
    },
  ];
  if (from.quoted !== "effective") {
    steps.push({
      kind: "rate-per-period",
      level: "short",
      say: WORDS.toEffective[from.quoted],
      lines: [lineOf(effective)],
      value: effective.value,
      finds: effective,
    });
  }
  if (to.quoted === "effective") {
    steps.push(inPercentStep(sheet, effective, STEP_WORDS.solve.asPercentage, []));
  } else {
    const result = sheet.work(
      sheet.letter(to.quoted === from.quoted ? `${letterOf(to)}'` : letterOf(to)),
      "rate",
      fromEffective(to, effective, span, sheet),
    );
    steps.push({
      kind: "rate-per-period",
      level: "short",
      say: WORDS.fromEffective[to.quoted],
      lines: [lineOf(result)],
      value: result.value,
    });
    steps.push(inPercentStep(sheet, result, WORDS.asQuoted(quotationWords(to)), []));
  }
  sheet.numberLetters();
  return steps;
}

const LETTERS: Readonly<Record<Quotation["quoted"], string>> = {
  nominal: "j",
  effective: "i",
  periodic: "p",
  continuous: "\\delta",
  "effective-discount": "d",
  "nominal-discount": "d",
  simple: "r",
  "bank-discount": "d",
};

function letterOf({ quoted }: Quotation): string {
  return LETTERS[quoted];
}

/** @param span the time over which a simple rate is restated, in years */
function effectiveFrom(
  from: Quotation,
  given: Quantity,
  span: Expression,
  sheet: Sheet,
): Expression {
  switch (from.quoted) {
    case "effective":
      return of(given);
    case "continuous":
      return minus({ op: "exponential", exponent: of(given) }, ONE);
    case "nominal": {
      const periods = perYear(from.compounding, sheet);
      return minus(power(plus(ONE, quotient(of(given), periods)), periods), ONE);
    }
    case "periodic":
      return minus(power(plus(ONE, of(given)), perYear(from.compounding, sheet)), ONE);
    case "effective-discount":
      return quotient(of(given), minus(ONE, of(given)));
    case "nominal-discount": {
      const periods = perYear(from.compounding, sheet);
      return minus(power(minus(ONE, quotient(of(given), periods)), negative(periods)), ONE);
    }
    case "simple":
      return overTime(span, (years) => plus(ONE, product(of(given), years)));
    case "bank-discount":
      return overTime(span, (years) => quotient(ONE, minus(ONE, product(of(given), years))));
  }
}

/** What 1 grows to over the time, less 1: of one year, for which the root is no root. */
function overTime(span: Expression, growth: (years: Expression) => Expression): Expression {
  return minus(power(growth(span), quotient(ONE, span)), ONE);
}

function fromEffective(
  to: Quotation,
  effective: Quantity,
  span: Expression,
  sheet: Sheet,
): Expression {
  const growth = plus(ONE, of(effective));
  switch (to.quoted) {
    case "effective":
      return of(effective);
    case "continuous":
      return logarithm(growth);
    case "nominal": {
      const periods = perYear(to.compounding, sheet);
      return product(periods, minus(power(growth, quotient(ONE, periods)), ONE));
    }
    case "periodic":
      return minus(power(growth, quotient(ONE, perYear(to.compounding, sheet))), ONE);
    case "effective-discount":
      return quotient(of(effective), growth);
    case "nominal-discount": {
      const periods = perYear(to.compounding, sheet);
      return product(periods, minus(ONE, power(growth, negative(quotient(ONE, periods)))));
    }
    case "simple":
      return quotient(minus(power(growth, span), ONE), span);
    case "bank-discount":
      return quotient(minus(ONE, power(growth, negative(span))), span);
  }
}

/** The periods a year, written as a number. */
function perYear(compounding: string, sheet: Sheet): Expression {
  const periods = frequencyOf(compounding);
  return periods === 1 ? number(1) : of(sheet.given(sheet.letter("m"), "count", periods, null));
}
