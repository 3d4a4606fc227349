import { describe, expect, test } from "@jest/globals";
import cases from "../../../../reference/rates.json";
import { expectToHold, fromLatex } from "../../../../test/reckoner";
import { discountCost } from "../../../engine/rates/discount-cost";
import type { Quotation } from "../../../engine/rates/quotation";
import type { Step } from "../step";
import { lineLatex, linePlain } from "../write-line";
import { conversionWorkings } from "./conversion-workings";
import {
  discountSteps,
  growingTimeSteps,
  growthSteps,
  nominalRateSteps,
  realRateSteps,
} from "./rate-topic-workings";

function expectToHoldAll(steps: readonly Step[]): number {
  for (const { lines, say } of steps) {
    expect(say).toMatch(/^[A-Z].*[.]$/);
    for (const line of lines) {
      expectToHold(linePlain(line));
      expectToHold(fromLatex(lineLatex(line)));
    }
  }
  return steps.findLast(({ value }) => value !== undefined)?.value ?? NaN;
}

test.each(cases)("$id: the workings end at the reference, and every line holds", (found) => {
  const { from, to, expect: wanted } = found;
  const steps = conversionWorkings(from as Quotation & { percent: number }, to as Quotation);
  const value = expectToHoldAll(steps ?? []);
  const exact = Number(wanted.percent);
  expect(Math.abs(value - exact)).toBeLessThan(1e-9 * Math.max(1, Math.abs(exact)));
});

describe("other questions of rates", () => {
  test("the real rate", () => {
    expect(expectToHoldAll(realRateSteps(7.1, 2))).toBeCloseTo(5, 9);
  });

  test("the nominal rate for a real one", () => {
    expect(expectToHoldAll(nominalRateSteps(5, 2))).toBeCloseTo(7.1, 9);
  });

  test.each([
    ["simple", 0.75, (1.06 ** 0.75 - 1) / 0.75],
    ["bank-discount", 0.75, (1 - 1.06 ** -0.75) / 0.75],
    ["effective-discount", 2, 0.06 / 1.06],
  ] as const)("%s over %d years", (quoted, years, wanted) => {
    const steps = conversionWorkings({ quoted: "effective", percent: 6 }, { quoted }, { years });
    expect(expectToHoldAll(steps ?? [])).toBeCloseTo(100 * wanted, 8);
  });

  test("compound annual growth", () => {
    expect(expectToHoldAll(growthSteps(1000, 1331, 3))).toBeCloseTo(10, 9);
  });

  test("the time in which money multiplies", () => {
    expect(expectToHoldAll(growingTimeSteps(10, 1.331))).toBeCloseTo(3, 9);
  });

  test.each([0, 25])("the cost of a discount with a fee of %d", (fee) => {
    const bill = { face: 8000, discountPercent: 6.5, days: 90, daysInYear: 360 as const, fee };
    const cost = discountCost(bill);
    const value = expectToHoldAll(discountSteps(bill));
    expect(cost.ok && Math.abs(cost.value.effectivePercent - value)).toBeLessThan(1e-9);
  });
});

test("a rate that cannot be has no workings", () => {
  expect(
    conversionWorkings({ quoted: "effective", percent: -100 }, { quoted: "continuous" }),
  ).toBeNull();
});
