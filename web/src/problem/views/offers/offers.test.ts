import { describe, expect, test } from "@jest/globals";
import { solve } from "@kestrelmoor/core";
import type { Offer } from "@kestrelmoor/core/typing";
import { accountIn, loanOf, problemOf } from "../../../../test/loans";
import { baseOffer } from "./base-offer";
import { costPoints, costScale } from "./cost-points";
import { cheapestOf, offerColumns, wholeLoan } from "./offer-columns";
import { rankingWords } from "./ranking-words";
import { USUAL_FORMAT } from "@kestrelmoor/core";

const SAME: Offer = { id: "o", name: "", amount: "", percent: "", term: "", fee: "", residual: "" };

/** 1,000 over three years at 10%, of which 100 are left to the end; drawn before the payments begin. */
function loan(parts: object = {}, drawn = "P0D") {
  const left = { id: "left", kind: "single", direction: "out", amount: 100 };
  const problem = problemOf(
    loanOf(
      1000,
      { percent: 10, quoted: "effective" },
      { every: "P1Y", count: 3, begins: drawn, ...parts },
      [{ ...left, at: { endOf: "repayments" } }],
    ),
  );
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  const account = accountIn(problem);
  const base = baseOffer(solution.value, "repayments", account);
  if (base === null) throw new Error("The loan has payments");
  return { base, run: account.run };
}

describe("the loan that others are compared with", () => {
  test("is told by its amount, first rate, term and residual", () => {
    expect(loan().base).toEqual({
      ...{ amount: 1000, percent: 10, quotation: { quoted: "effective" }, every: "P1Y" },
      ...{ count: 3, timing: "end", fee: 0, residual: 100 },
    });
  });

  test("has the amount that was lent, not what it had grown to when payments began", () => {
    expect(loan({}, "P2Y").base.amount).toBe(1000);
  });

  test("and an offer that says nothing else comes to the same", () => {
    const { base, run } = loan();
    const [own, same] = offerColumns(run, base, [SAME], "none", USUAL_FORMAT);
    const [first, second] = [own, same].map((column) => column?.run && wholeLoan(column.run));
    expect(second?.payment).toBeCloseTo(first?.payment ?? NaN, 9);
    expect(first?.paid).toBeCloseTo(3 * (first?.payment ?? NaN) + 100, 9);
    expect(first?.cost).toBeCloseTo((first?.paid ?? NaN) - 1000, 9);
  });
});

describe("offers in columns", () => {
  const { base, run } = loan();
  const columns = offerColumns(
    run,
    base,
    [
      { ...SAME, id: "a", name: " Tarn Credit ", percent: "9%", fee: "30" },
      { ...SAME, id: "b", term: "lots" },
      { ...SAME, id: "c", percent: "-100%" },
      { ...SAME, id: "d", amount: "0" },
    ],
    "none",
    USUAL_FORMAT,
  );

  test("have names, figures, and what is wrong where it is", () => {
    expect(columns.map(({ name }) => name)).toEqual([
      "This loan",
      "Tarn Credit",
      "Offer 2",
      "Offer 3",
      "Offer 4",
    ]);
    const isReckoned = columns.map((column) => column.run !== null);
    expect(isReckoned).toEqual([true, true, false, false, false]);
    expect(columns[2]?.reading?.fields.term.state).toBe("issue");
    expect(columns[2]?.complaint).toBeNull();
    expect(columns[3]?.complaint).toMatch(/balance is lost within one period/);
    expect(columns[4]?.complaint).toMatch(/^This is not a loan/);
  });

  test("the fee is part of what is paid and of what it costs", () => {
    const whole = columns[1]?.run ? wholeLoan(columns[1].run) : null;
    expect(whole?.effectivePercent).toBeGreaterThan(9);
    expect(whole?.paid).toBeCloseTo(3 * (whole?.payment ?? NaN) + 100 + 30, 9);
  });

  test("the cheapest is marked where one is", () => {
    expect(cheapestOf([5, 4, null])).toBe(1);
    expect(cheapestOf([5, 5])).toBeNull();
    expect(cheapestOf([5, null])).toBeNull();
    expect(cheapestOf([])).toBeNull();
  });
});

test("the ranking is told for every span of time", () => {
  const names = ["This loan", "Tarn Credit"];
  expect(rankingWords([{ from: 1, to: 3, order: [0, 1] }], names, USUAL_FORMAT)).toEqual([
    "For any time: This loan, then Tarn Credit.",
  ]);
  expect(
    rankingWords(
      [
        { from: 1 / 12, to: 2, order: [0, 1] },
        { from: 25 / 12, to: 4, order: [1, 0] },
        { from: 49 / 12, to: 9, order: [0, 1] },
      ],
      names,
      USUAL_FORMAT,
    ),
  ).toEqual([
    "Up to 2 years: This loan, then Tarn Credit.",
    "2 years 1 month to 4 years: Tarn Credit, then this loan.",
    "4 years 1 month or longer: This loan, then Tarn Credit.",
  ]);
});

describe("the picture of costs", () => {
  const { base, run } = loan();
  const [dear] = offerColumns(run, base, [{ ...SAME, fee: "90" }], "none", USUAL_FORMAT).slice(1);
  const points = costPoints([run, null, dear?.run ?? null], 1);

  test("has every moment, and leaves out what cannot be reckoned", () => {
    expect(points.map(({ years }) => years)).toEqual([1, 2, 3]);
    expect(points[0]?.cost0).toBeCloseTo(10, 9);
    expect(points[0]?.cost1).toBeNull();
    // 910 received, 1,100 owed a year later.
    expect(points[0]?.cost2).toBeCloseTo((1100 / 910 - 1) * 100, 9);
  });

  test("goes as far up as needed", () => {
    const { low, high } = costScale(points, 3);
    expect(low).toBeLessThan(10);
    expect(high).toBeGreaterThan(points[1]?.cost2 ?? NaN);
  });
});
