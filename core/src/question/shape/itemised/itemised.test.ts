import { describe, expect, test } from "@jest/globals";
import { answersOf } from "../../../../test/read-answers";
import { readQuestion } from "../../index";

const told = (...lines: readonly string[]) => lines.join("\n");

/** The values are from the formulas of textbooks. */
describe("a timeline told item by item is read as it stands", () => {
  test.each<[string, string, object]>([
    [
      "an amount at its own time",
      told(
        "Money in: £5,000 today.",
        "Money out: an unknown amount in 18 months.",
        "Interest: 8% a year, effective.",
        "Find the unknown amount.",
      ),
      { value: 5000 * 1.08 ** 1.5, direction: "out" },
    ],
    [
      "several amounts in one item",
      told(
        "Money out: £100 in 1 year, £200 in 2 years, £300 in 30 months.",
        "Interest: 10% a year, effective.",
        "Find the net value today.",
      ),
      { value: -(100 / 1.1 + 200 / 1.1 ** 2 + 300 / 1.1 ** 2.5) },
    ],
    [
      "an amount with the last payment",
      told(
        "Money in: £1,000 today.",
        "Money out: 3 payments of £200 at the end of each year.",
        "Money out: an unknown amount with the last payment.",
        "Interest: 5% a year, effective.",
        "Find the unknown amount.",
      ),
      { value: 1000 * 1.05 ** 3 - 200 * (1.05 ** 2 + 1.05 + 1), direction: "out" },
    ],
    [
      "payments after payments",
      told(
        "Money out: £100 at the end of each year for 2 years.",
        "Money in: then an unknown amount at the end of each year for 2 years.",
        "Interest: 10% a year, effective.",
        "Find the unknown amount.",
      ),
      { value: 210 / (1 / 1.1 + 1 / 1.21), direction: "in" },
    ],
    [
      "payments that grow by a step",
      told(
        "Money in: £100 at the end of each year for 3 years, falling by £10 each year.",
        "Interest: 10% a year, effective.",
        "Find the net value today.",
      ),
      { value: 100 / 1.1 + 90 / 1.21 + 80 / 1.331 },
    ],
    [
      "a rate that changes, the second unknown",
      told(
        "Money out: £100 today.",
        "Money in: £121 in 2 years.",
        "Interest: 5% a year, effective.",
        "Interest after 1 year: an unknown rate a year, effective.",
        "Find the unknown rate.",
      ),
      { value: (121 / 105 - 1) * 100, unit: "percent" },
    ],
    [
      "an unknown time",
      told(
        "Money out: £100 today.",
        "Money in: £121 at an unknown time.",
        "Interest: 10% a year, effective.",
        "Find the unknown time.",
      ),
      { value: 2, unit: "years" },
    ],
    [
      "an unknown number of payments",
      told(
        "Money in: £190 today.",
        "Money out: £100 at the end of each year, an unknown number of times.",
        "Interest: an effective 0.1% a year.",
        "Find the unknown number of payments.",
      ),
      { value: -Math.log(1 - 0.0019) / Math.log(1.001), unit: "payments" },
    ],
    [
      "an unknown percentage of growth",
      told(
        "Money out: £210 today.",
        "Money in: £110 at the end of each year for 2 years, rising by an unknown percentage each year.",
        "Interest: 10% a year, effective.",
        "Find the unknown percentage.",
      ),
      { value: ((110 * 1.21) / 110 - 1) * 100, unit: "percent" },
    ],
    [
      "two amounts of which one is a multiple of the other",
      told(
        "Money in: £1,000 today.",
        "Money out: an unknown amount in 1 year.",
        "Money out: 2 times the unknown amount in 2 years.",
        "Interest: 10% a year, effective.",
        "Find the unknown amount.",
      ),
      { value: 1000 / (1 / 1.1 + 2 / 1.21), direction: "out" },
    ],
    [
      "dates, with their day count",
      told(
        "Today is 1 March 2027.",
        "Days are counted as the actual days over 360.",
        "Money in: an unknown amount today.",
        "Money out: £10,000 on 28 August 2027.",
        "Interest: 8% a year, bank discount.",
        "Find the unknown amount.",
      ),
      { value: 10000 * (1 - 0.08 * 0.5), direction: "in" },
    ],
  ])("%s", (_, text, answer) => {
    const [found] = answersOf(text);
    const { value, ...rest } = answer as { value: number };
    expect(found).toMatchObject(rest);
    expect(found?.value).toBeCloseTo(value, 8);
    expect(readQuestion(text)).toMatchObject({ kind: "problem", unused: [], assumptions: [] });
  });
});

describe("what an item lacks is missing, and no unknown", () => {
  const rest = ["Money in: £900 today.", "Interest: 5% a year, effective."];
  test.each([
    ["an amount without a time", "Money out: £1,000.", "time"],
    ["payments without an end", "Money out: £100 at the end of each month.", "time"],
    ["payments without an amount", "Money out: at the end of each month for 9 months.", "payment"],
    ["nothing at all", "Money out: something later.", "amount"],
  ])("%s", (_, item, code) => {
    const { kind, missing } = readQuestion(told(item, ...rest, "Find the unknown amount."));
    expect(kind).toBe("incomplete");
    expect(missing.map((one) => one.code)).toEqual([code]);
  });

  test("a rate", () => {
    const text = told("Money in: £900 today.", "Money out: an unknown amount in 2 years.");
    expect(readQuestion(text).missing).toMatchObject([{ code: "rate" }]);
  });
});
