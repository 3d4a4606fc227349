import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { formatExact, formatFigure, formatMoney, formatSignificant } from "./format-number";
import { durationWords, formatYearsMonthsDays } from "./format-time";
import { quotationWords } from "./quotation-words";
import { ISSUE_CODES, sentenceOf } from "./sentences";
import type { Issue } from "../engine/issues/issue";
import { USUAL_FORMAT, writePercent } from "./answer-format";

describe("sentences", () => {
  /** Facts of every kind that a sentence may ask for. */
  const facts = {
    path: [],
    id: "loan",
    format: "kestrelmoor-problem",
    version: 3,
    newest: 1,
    index: 2,
    on: "2027-02-29",
    each: "month",
    compounded: "monthly",
    paths: [["a"], ["b"]],
    names: ["colour"],
    ids: ["a", "b"],
    expected: "a number",
    limit: 5,
    minimum: 1,
    quotation: { quoted: "effective" },
    percent: -100,
    years: 3,
    limitYears: 1000,
    first: "2027-03-01",
    ratePercent: 5,
    growthPercent: 6,
    smallest: 12.5,
    enough: true,
    direction: "in",
    typed: "x",
    at: "x",
    point: "1.5",
    name: "saving",
    every: "P1M",
    said: "P1Y",
    figure: "20",
    place: 2,
    amounts: 3,
    times: 2,
    columns: 80,
    rows: 900,
    payment: 13,
    count: 12,
    interest: 3,
    from: 4,
    to: 6,
    label: "a",
    follow: 0,
    answers: [10, 20],
    words: "fee",
    unit: "percent",
    wanted: "money",
  };

  test.each(ISSUE_CODES)("%s is told in whole sentences", (code) => {
    const sentence = sentenceOf({ code, ...facts } as unknown as Issue, USUAL_FORMAT);
    expect(sentence).toMatch(/^[A-Z“].*[.]$/);
    expect(sentence).not.toMatch(/undefined|NaN|\[object|!/);
  });
});

describe("numbers", () => {
  test.each([
    [formatMoney(123456789.01), "123,456,789.01"],
    [formatMoney(-7718.468), "−7,718.47"],
    [formatMoney(0.004), "0.00"],
    [formatMoney(999.995), "1,000.00"],
    [formatFigure(3.15), "3.15"],
    [formatFigure(1200), "1,200"],
    [formatFigure(-0.00001), "0"],
    [formatSignificant(0.0026181423), "0.0026181423"],
    [formatSignificant(0), "0"],
    [formatSignificant(1.5e-9, 3), "1.5 × 10⁻⁹"],
    [formatSignificant(123456.789, 8), "123,456.79"],
    [writePercent(5, USUAL_FORMAT), "5%"],
    [writePercent(1e-7, USUAL_FORMAT), "1 × 10⁻⁷%"],
    [formatExact(4996.138579987), "4,996.138579987"],
  ])("%s", (text, wanted) => {
    expect(text).toBe(wanted);
  });
});

describe("times", () => {
  test.each([
    ["P0D", "today"],
    ["P1Y", "1 year"],
    ["P3Y4M", "3 years 4 months"],
    ["P26W3D", "26 weeks 3 days"],
    ["P4.5M", "4.5 months"],
  ])("%s is %s", (duration, words) => {
    expect(durationWords(duration, USUAL_FORMAT)).toBe(words);
  });

  test.each([
    [0, "today"],
    [1, "1 year"],
    [9.7134299549, "9 years 8 months 16 days"],
    [1 - 1e-9, "1 year"],
    [0.5, "6 months"],
    [1.999, "2 years"],
  ])("%p years are %s", (years, words) => {
    expect(formatYearsMonthsDays(years, USUAL_FORMAT)).toBe(words);
  });

  test("never a twelfth month or a thirty-second day", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 900, noNaN: true }), (years) => {
        const words = formatYearsMonthsDays(years, USUAL_FORMAT);
        expect(Number(/(\d+) month/.exec(words)?.[1] ?? 0)).toBeLessThan(12);
        expect(Number(/(\d+) day/.exec(words)?.[1] ?? 0)).toBeLessThan(32);
      }),
    );
  });
});

test("every way to quote a rate has words, also for a period that nobody listed", () => {
  expect(quotationWords({ quoted: "nominal", compounding: "P4W" })).toBe(
    "a year, compounded every 4 weeks",
  );
  expect(quotationWords({ quoted: "periodic", compounding: "P5M" })).toBe("per 5 months");
  expect(quotationWords({ quoted: "nominal", compounding: "P10D" })).toBe(
    "a year, compounded every 10 days",
  );
});
