import { describe, expect, test } from "@jest/globals";
import { readProblem, solve } from "@kestrelmoor/core";
import { companionsOf } from "./companions";

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
