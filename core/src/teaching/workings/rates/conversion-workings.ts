import { convertRate } from "../../../engine/rates/convert-rate";
import { quotationOf, type Quotation } from "../../../engine/rates/quotation";
import { frequencyOf } from "../../../engine/time/duration";
import { quotationWords } from "../../../wording/quotation-words";
import { decimal, inPercentStep } from "../appraisal/parts";
import { lineOf, Sheet } from "../compose/sheet";
import {
  logarithm,
  minus,
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
  { rounding = UNROUNDED, format = USUAL_FORMAT }: WorkingsOptions = {},
): Step[] | null {
  const converted = convertRate(from, to);
  if (!converted.ok) return null;
  const sheet = new Sheet(rounding, "rate_", format);
  const given = sheet.given(sheet.letter(letterOf(from)), "rate", decimal(from.percent), null);
  const effective =
    from.quoted === "effective"
      ? given
      : sheet.work(sheet.letter("i"), "rate", effectiveFrom(from, given, sheet));
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
      fromEffective(to, effective, sheet),
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

function letterOf({ quoted }: Quotation): string {
  return { nominal: "j", effective: "i", periodic: "p", continuous: "\\delta" }[quoted];
}

function effectiveFrom(from: Quotation, given: Quantity, sheet: Sheet): Expression {
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
  }
}

function fromEffective(to: Quotation, effective: Quantity, sheet: Sheet): Expression {
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
  }
}

/** The periods a year, written as a number. */
function perYear(compounding: string, sheet: Sheet): Expression {
  const periods = frequencyOf(compounding);
  return periods === 1 ? number(1) : of(sheet.given(sheet.letter("m"), "count", periods, null));
}
