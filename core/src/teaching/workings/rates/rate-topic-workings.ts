import type { DiscountedBill } from "../../../engine/rates/discount-cost";
import { decimal, inPercentStep } from "../appraisal/parts";
import { lineOf, Sheet } from "../compose/sheet";
import { yearsExpression } from "../compose/years";
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
} from "../mathematics/expression";
import { UNROUNDED } from "../mathematics/figures";
import type { Step } from "../step";
import { RATE_STEP_WORDS } from "../../../wording/teaching/rate-step-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = RATE_STEP_WORDS;

/** The nominal rate: the growth of buying power times the growth of prices. */
export function nominalRateSteps(realPercent: number, inflationPercent: number): Step[] {
  const sheet = new Sheet(UNROUNDED, "nominal_");
  const real = sheet.given(sheet.letter("r"), "rate", decimal(realPercent), null);
  const inflation = sheet.given(sheet.letter("f"), "rate", decimal(inflationPercent), null);
  const nominal = sheet.work(
    sheet.letter("i"),
    "rate",
    minus(product(plus(ONE, of(real)), plus(ONE, of(inflation))), ONE),
  );
  return [
    valueStep(WORDS.nominal, [lineOf(nominal)], nominal.value),
    inPercentStep(sheet, nominal, STEP_WORDS.solve.asPercentage, []),
  ];
}

/** The real rate: the growth of money divided by the growth of prices. */
export function realRateSteps(percent: number, inflationPercent: number): Step[] {
  const sheet = new Sheet(UNROUNDED, "real_");
  const rate = sheet.given(sheet.letter("i"), "rate", decimal(percent), null);
  const inflation = sheet.given(sheet.letter("f"), "rate", decimal(inflationPercent), null);
  const real = sheet.work(
    sheet.letter("r"),
    "rate",
    minus(quotient(plus(ONE, of(rate)), plus(ONE, of(inflation))), ONE),
  );
  return [
    valueStep(WORDS.real, [lineOf(real)], real.value),
    inPercentStep(sheet, real, STEP_WORDS.solve.asPercentage, []),
  ];
}

/** The compound annual growth rate: the nth root of the ratio. */
export function growthSteps(from: number, to: number, years: number): Step[] {
  const sheet = new Sheet(UNROUNDED, "growth_");
  const first = sheet.given(sheet.letter("V", "0"), "money", from, null);
  const last = sheet.given(sheet.letter("V", "T"), "money", to, null);
  const growth = sheet.work(
    sheet.letter("g"),
    "rate",
    minus(power(quotient(of(last), of(first)), quotient(ONE, yearsExpression(years))), ONE),
  );
  return [
    valueStep(WORDS.averageGrowth, [lineOf(growth)], growth.value),
    inPercentStep(sheet, growth, WORDS.aYear, []),
  ];
}

/** The time in which money grows to a multiple: a ratio of two logarithms. */
export function growingTimeSteps(percent: number, times: number): Step[] {
  const sheet = new Sheet(UNROUNDED, "time_");
  const rate = sheet.given(sheet.letter("i"), "rate", decimal(percent), null);
  const time = sheet.work(
    sheet.letter("t"),
    "time",
    quotient(logarithm(number(times)), logarithm(plus(ONE, of(rate)))),
  );
  return [
    {
      ...valueStep(WORDS.growingTime, [lineOf(time)], time.value),
      finds: time,
    },
  ];
}

/** Discount, proceeds and their cost a year. */
export function discountSteps(bill: DiscountedBill): Step[] {
  const sheet = new Sheet(UNROUNDED, "discount_");
  const face = sheet.given(sheet.letter("F"), "money", bill.face, null);
  const rate = sheet.given(sheet.letter("d"), "rate", decimal(bill.discountPercent), null);
  const fee = sheet.given(sheet.letter("K"), "money", bill.fee, null);
  const part: Expression = { op: "fraction", over: bill.days, under: bill.daysInYear };
  const discount = sheet.work(sheet.letter("D"), "money", product(of(face), of(rate), part));
  const proceeds = sheet.work(
    sheet.letter("P"),
    "money",
    bill.fee === 0 ? minus(of(face), of(discount)) : minus(minus(of(face), of(discount)), of(fee)),
  );
  const cost = sheet.work(
    sheet.letter("i"),
    "rate",
    minus(
      power(quotient(of(face), of(proceeds)), { op: "fraction", over: 365, under: bill.days }),
      ONE,
    ),
  );
  return [
    valueStep(WORDS.discount, [lineOf(discount)], discount.value),
    valueStep(
      bill.fee === 0 ? WORDS.proceeds : WORDS.proceedsAfterFee,
      [lineOf(proceeds)],
      proceeds.value,
    ),
    valueStep(WORDS.cost, [lineOf(cost)], cost.value),
    inPercentStep(sheet, cost, WORDS.aYear, []),
  ];
}

function valueStep(say: string, lines: Step["lines"], value: number): Step {
  return { kind: "value", level: "short", say, lines, value };
}
