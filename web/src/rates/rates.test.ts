import { describe, expect, test } from "@jest/globals";
import {
  formatExact,
  inAllQuotations,
  quotationWords,
  USUAL_FORMAT,
  type Quotation,
} from "@kestrelmoor/core";
import { quotationKey, readDays, readQuotedRate, type Draft } from "@kestrelmoor/core/typing";
import cases from "../../../core/reference/rates.json";
import { outcomeOf } from "../problem/document/outcome";
import { outcomesOfVariants } from "../problem/views/variants/columns";
import {
  buyingPowerProblem,
  depositProblem,
  discountProblem,
  growingProblem,
  growthProblem,
  rateProblem,
} from "./as-problems";
import { depositPoints, depositVerdict, rankDeposits } from "./deposit-ranking";

test.each(cases)(
  "$id of the reference, typed in words, is restated",
  ({ from, to, expect: wanted }) => {
    const { percent, ...quotation } = from as Quotation & { percent: number };
    const read = readQuotedRate(`${formatExact(percent)}% ${quotationWords(quotation)}`);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const all = inAllQuotations(read.value);
    if (!all.ok) throw new Error(JSON.stringify(all.issues));
    const { effective, continuous, nominal, periodic } = all.value;
    const key = quotationKey(to as Quotation);
    const found = [effective, continuous, ...nominal, ...periodic].find(
      ({ quotation: own }) => quotationKey(own) === key,
    );
    // What the page has no row for is left to the problem page.
    if (found === undefined) {
      expect(key).toMatch(/P/);
      return;
    }
    expect(Math.abs(found.percent / Number(wanted.percent) - 1)).toBeLessThan(1e-12);
  },
);

describe("offers for a deposit", () => {
  const offer = (id: string, rate: string) => ({
    ...{ id, name: id, rate, crediting: "whole-periods" as const },
  });
  const offers = [
    offer("Yearly", "6% effective"),
    offer("Monthly", "5% a year compounded monthly"),
    offer("Odd", "a lot"),
  ];

  test("are ranked by effective rate; what cannot be read says so", () => {
    const { ranked, readings } = rankDeposits(offers, 1000, 1);
    expect(ranked.map(({ name }) => name)).toEqual(["Yearly", "Monthly"]);
    expect(readings.get("Odd")?.state).toBe("issue");
  });

  test("the lower rate wins for money needed early, and it says why", () => {
    const early = rankDeposits(offers, 1000, 10 / 12);
    expect(depositVerdict(early.ranked, 10 / 12, USUAL_FORMAT)).toContain(
      "But after 10 months, Monthly gives more, 1,042.46 against 1,000.00: Yearly credits interest only at the end of a full period, and none is complete yet",
    );
    const late = rankDeposits(offers, 1000, 1);
    expect(depositVerdict(late.ranked, 1, USUAL_FORMAT)).toContain(
      "It also gives the highest balance",
    );
  });

  test("are drawn from the deposit on", () => {
    const { ranked } = rankDeposits(offers, 1000, 1);
    const points = depositPoints(
      ranked.map(({ offer: own }) => own),
      1000,
      2,
    );
    expect(points[0]).toEqual({ years: 0, balance0: 1000, balance1: 1000 });
    expect(points.at(-1)?.["balance0"]).toBeCloseTo(1123.6, 9);
  });
});

describe("what stands there opens as a problem that answers the same", () => {
  const answerOf = (draft: Draft) => {
    const { result } = outcomeOf(draft);
    if (result?.ok !== true) throw new Error("It has an answer");
    return result.value.answers[0].value;
  };

  test("a rate over a year", () => {
    const rate = { quoted: "nominal", compounding: "P1M", percent: 7.2 } as const;
    expect(answerOf(rateProblem(rate, "7.2% a year compounded monthly"))).toBeCloseTo(
      1000 * 1.006 ** 12,
      8,
    );
  });

  test("a deposit, with the other offers as variants", () => {
    const draft = depositProblem("5,000", "2 years", [
      { name: "A", rate: { quoted: "effective", percent: 6 }, typed: "6%" },
      {
        name: "B",
        rate: { quoted: "nominal", compounding: "P1M", percent: 5 },
        typed: "5% a year compounded monthly",
      },
    ]);
    expect(answerOf(draft)).toBeCloseTo(5000 * 1.06 ** 2, 8);
    const [other] = outcomesOfVariants(draft, outcomeOf(draft).place);
    const value = other?.result?.ok === true ? other.result.value.answers[0].value : NaN;
    expect(value).toBeCloseTo(5000 * (1 + 0.05 / 12) ** 24, 8);
  });

  test("buying power, growth, doubling and a discount", () => {
    expect(answerOf(buyingPowerProblem("1,000", 5, "10 years"))).toBeCloseTo(1000 * 1.05 ** 10, 8);
    expect(answerOf(growthProblem(1000, 1331, 3))).toBeCloseTo(10, 9);
    expect(answerOf(growthProblem(1000, 1331, 400 / 365))).toBeCloseTo(
      (1.331 ** (365 / 400) - 1) * 100,
      9,
    );
    const six = { quoted: "effective", percent: 6 } as const;
    expect(answerOf(growingProblem(six, "6%", 2))).toBeCloseTo(Math.log(2) / Math.log(1.06), 9);
    expect(answerOf(discountProblem("8,000", 7860, 90))).toBeCloseTo(
      ((8000 / 7860) ** (365 / 90) - 1) * 100,
      9,
    );
  });
});

test.each([
  ["90", 90],
  ["90 days", 90],
  ["2 weeks", (14 * 365) / 364],
  ["1 year", 365],
])("%s are %d days", (typed, days) => {
  const read = readDays(typed);
  expect(read.ok && read.value).toBeCloseTo(days, 9);
});
