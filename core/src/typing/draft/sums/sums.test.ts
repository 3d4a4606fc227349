import { describe, expect, test } from "@jest/globals";
import { readProblem } from "../../../engine/problem/problem-file";
import { solve } from "../../../engine/solve/solve";
import { namedFigures } from "./named-figures";
import { workOutSums } from "./work-out-sums";

/** Without interest every figure can be told by heart: 1,000 paid back by 40 payments of 30. */
function named(percent = 0) {
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent, quoted: "nominal", compounding: "P1M" }],
    flows: [
      { id: "price", label: "Van", kind: "single", direction: "in", amount: 1200, at: "P0D" },
      {
        id: "out",
        label: "Repayments",
        kind: "stream",
        direction: "out",
        amount: null,
        every: "P1M",
        count: 40,
        timing: "end",
        begins: "P0D",
      },
    ],
    also: [{ find: "balance", at: "P1Y" }],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return namedFigures(solution.value);
}

const sumsOf = (...texts: string[]) => texts.map((text, index) => ({ id: `s${index}`, text }));

describe("side sums", () => {
  test.each<[string, number, "money" | "number"]>([
    ["answer", 30, "money"],
    ["answer / 20%", 150, "money"],
    ["payments x 140", 5600, "number"],
    ["answer * payments", 1200, "money"],
    ["Answer × Payments − total out", 0, "money"],
    ["total in / answer", 40, "number"],
    ["the van / 4", 300, "money"],
    ["30% of the van", 360, "money"],
    ["van - repayments", 1170, "money"],
    ["balance after 1 year", 840, "money"],
    ["(van - balance after 1 year) / 12", 30, "money"],
    ["12 * 5", 60, "number"],
    ["total in ^ 2 / total in", 1200, "money"],
    ["-interest + 1", 1, "money"],
  ])("%p is %p, %s", (text, value, is) => {
    expect(workOutSums(sumsOf(text), named())).toMatchObject([{ ok: true, value: { value, is } }]);
  });

  test("take a rate as the decimal that it is", () => {
    const rates = workOutSums(sumsOf("rate per payment * 12", "van * (1 + rate)"), named(6));
    expect(rates).toMatchObject([
      { ok: true, value: { value: expect.closeTo(0.06, 12), is: "number" } },
      { ok: true, value: { value: expect.closeTo(1272, 9), is: "money" } },
    ]);
  });

  test("may go on from the one above", () => {
    expect(workOutSums(sumsOf("answer * 2", "above + 1", "above / 61"), named())).toMatchObject([
      { value: { value: 60 } },
      { value: { value: 61 } },
      { value: { value: 1, is: "money" } },
    ]);
  });

  test.each([
    ["", "sum-missing"],
    ["answers", "sum-not-understood"],
    ["answer +", "sum-not-understood"],
    ["answer 5", "sum-not-understood"],
    ["above", "sum-not-understood"],
    ["total / 2", "sum-not-understood"],
    ["van + rate", "sum-not-understood"],
    ["rate + van", "sum-not-understood"],
    ["answer + 10%", "sum-not-understood"],
    ["answer / 0", "divided-by-zero"],
    ["answer / interest", "divided-by-zero"],
    ["(answer", "bracket-unmatched"],
    ["answer ^ 999", "number-not-finite"],
  ])("%p is refused: %s", (text, code) => {
    expect(workOutSums(sumsOf(text), named())).toMatchObject([{ ok: false, issues: [{ code }] }]);
  });

  test("of several payments have a name for each", () => {
    const offered = named().filter(({ isFormer }) => isFormer !== true);
    expect(offered.map(({ words }) => words)).toEqual([
      "answer",
      "total in",
      "total out",
      "interest",
      "payments",
      "rate per payment",
      "rate",
      "effective rate",
      "balance after 1 year",
      "van",
      "repayments",
    ]);
  });
});
