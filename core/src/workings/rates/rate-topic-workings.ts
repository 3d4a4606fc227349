import type { DiscountedBill } from "../../rates/discount-cost";
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

/** The rate at which buying power grows: what money grows by, over what prices grow by. */
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
    valueStep("Divide what money grows by by what prices grow by.", [lineOf(real)], real.value),
    inPercentStep(sheet, real, "The same in percent.", []),
  ];
}

/** Compound annual growth: the root of the ratio. */
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
    valueStep(
      "Divide the last value by the first, and take the root of the years.",
      [lineOf(growth)],
      growth.value,
    ),
    inPercentStep(sheet, growth, "The same in percent, a year.", []),
  ];
}

/** The time in which money multiplies: the ratio of two logarithms. */
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
      ...valueStep(
        "Take logarithms on both sides of the growth, and divide.",
        [lineOf(time)],
        time.value,
      ),
      finds: time,
    },
  ];
}

/** Discount, proceeds and what they cost a year. */
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
    valueStep(
      "Simple discount is taken off the face for the part of a year.",
      [lineOf(discount)],
      discount.value,
    ),
    valueStep("What is left is paid out today.", [lineOf(proceeds)], proceeds.value),
    valueStep(
      "The cost is the rate at which what is paid out becomes the face.",
      [lineOf(cost)],
      cost.value,
    ),
    inPercentStep(sheet, cost, "The same in percent, a year.", []),
  ];
}

function valueStep(say: string, lines: Step["lines"], value: number): Step {
  return { kind: "value", level: "short", say, lines, value };
}
