import { describe, expect, test } from "@jest/globals";
import { readProblem, solve } from "@kestrelmoor/core";
import fc from "fast-check";
import { companionsOf, unroundedWords } from "./companions";

function companions(flows: readonly object[], percent = 0): Record<string, string> {
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent, quoted: "effective" }],
    flows,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return Object.fromEntries(
    companionsOf(read.value, solution.value).map(({ words, figure }) => [words, figure]),
  );
}

const loan = { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" };
const payments = (parts: object) => ({
  id: "payments",
  kind: "stream",
  direction: "out",
  amount: 300,
  every: "P1M",
  count: null,
  timing: "end",
  begins: "P0D",
  ...parts,
});

describe("what is told beside the answer", () => {
  test("a count in whole payments: the time they take, and the other way to end", () => {
    expect(companions([loan, payments({})])).toMatchObject({
      "Total money out": "1,000.00",
      Time: "4 months",
      "Or a larger payment 3": "400.00",
    });
  });

  test("a count that is whole has no other way to end", () => {
    const told = companions([loan, payments({ amount: 250 })]);
    expect(told).toMatchObject({ Time: "4 months" });
    expect(Object.keys(told).join()).not.toContain("Or the last");
  });

  test("payments for ever have totals without end, and no interest", () => {
    const forever = payments({ direction: "in", amount: null, count: "forever" });
    const told = companions([{ ...loan, direction: "out" }, forever], 5);
    expect(told["Total money in"]).toBe("infinite");
    expect(Object.keys(told).join()).not.toContain("Interest");
  });
});

describe("figures that stand together", () => {
  const solvedLoan = (payment: number) => {
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 1,
      rates: [{ percent: 7.4, quoted: "nominal", compounding: "P1M" }],
      flows: [{ ...loan, amount: payment }, payments({ amount: null, count: 96 })],
    });
    const solution = read.ok ? solve(read.value) : read;
    if (!read.ok || !solution.ok) throw new Error("The loan is solved");
    return { problem: read.value, solution: solution.value };
  };

  test("the interest is the difference of the totals beside it, whatever is borrowed", () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 9_000_000 }), (cents) => {
        const { problem, solution } = solvedLoan(cents / 100);
        const told = new Map(
          companionsOf(problem, solution).map(({ words, figure }) => [words, figure]),
        );
        const cent = (words: string) =>
          Math.round(Number((told.get(words) ?? "").replaceAll(",", "")) * 100);
        expect(cent("Interest paid")).toBe(cent("Total money out") - cent("Total money in"));
      }),
      { numRuns: 100 },
    );
  });

  test("a total that is not so many times the payment shown says why", () => {
    const { problem, solution } = solvedLoan(86_000);
    expect(unroundedWords(problem, solution)).toBe(
      "Totals come from unrounded payments. 96 payments of 1,189.69 come to 114,210.24.",
    );
    const whole = companions([loan, payments({ amount: null, count: 8 })]);
    expect(whole["Total money out"]).toBe("1,000.00");
  });

  test("nothing is said where they agree", () => {
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 1,
      rates: [{ percent: 0, quoted: "effective" }],
      flows: [loan, payments({ amount: null, count: 8 })],
    });
    const solution = read.ok ? solve(read.value) : read;
    if (!read.ok || !solution.ok) throw new Error("The loan is solved");
    expect(unroundedWords(read.value, solution.value)).toBeNull();
  });
});
