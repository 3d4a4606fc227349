import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/problems.json";
import { readProblem } from "../../engine/problem/problem-file";
import { solve } from "../../engine/solve/solve";
import { otherWays } from "./other-ways";
import { runAccount } from "./account-rows";

function solved(file: unknown) {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return { problem: read.value, solution: solution.value };
}

describe.each(cases)("$id", ({ problem: file }) => {
  const { solution } = solved(file);

  test("the account, run date by date, ends at nothing", () => {
    const life = runAccount(solution);
    if (life === null) throw new Error("Every case of the reference is short enough");
    // Broken off, the last rows carry what the payments left out are worth, which has faded with them.
    const rounding = 1e-16 * life.rows.length * life.rows.length + 1e-11;
    if (!life.isBrokenOff)
      expect(Math.abs(life.left) / life.largest).toBeLessThan(Math.max(rounding, 1e-9));
    const faults = life.rows.filter(({ opening, interest, moved, closing }, index) => {
      const isCarriedOn = opening === (life.rows[index - 1]?.closing ?? 0);
      return !isCarriedOn || !(Math.abs(closing - (opening + interest + moved)) < 5e-7);
    });
    expect(faults).toEqual([]);
  });

  test("the other ways agree", () => {
    const ways = otherWays(solution);
    expect(ways.length).toBeGreaterThan(0);
    for (const { apart } of ways) expect(apart).toBeLessThan(1e-9);
  });
});

const base = {
  format: "kestrelmoor-problem",
  version: 1,
  rates: [{ percent: 6, quoted: "effective" }],
};

test("a loan of two payments, by hand", () => {
  const { solution } = solved({
    ...base,
    flows: [
      { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" },
      {
        id: "pay",
        kind: "stream",
        direction: "out",
        amount: null,
        every: "P1Y",
        count: 2,
        timing: "end",
        begins: "P0D",
      },
    ],
  });
  const life = runAccount(solution);
  const payment = 1000 / (1 / 1.06 + 1 / 1.06 ** 2);
  expect(life?.kind).toBe("owed");
  expect(life?.rows.map(({ time }) => time)).toEqual([0, 1, 2]);
  expect(life?.rows[1]?.interest).toBeCloseTo(60, 10);
  expect(life?.rows[1]?.closing).toBeCloseTo(1060 - payment, 10);
  expect(otherWays(solution).map(({ name }) => name)).toEqual([
    "one-by-one",
    "factors",
    "accumulated",
  ]);
});

test("an account that nobody could go through is not run", () => {
  const { solution } = solved({
    ...base,
    flows: [
      { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" },
      {
        id: "pay",
        kind: "stream",
        direction: "out",
        amount: null,
        every: "P1D",
        count: 300_000,
        timing: "end",
        begins: "P0D",
      },
    ],
  });
  expect(runAccount(solution)).toBeNull();
  expect(otherWays(solution).map(({ name }) => name)).toEqual(["factors"]);
});

test("a worth is taken out at its date, and the account ends at nothing", () => {
  const { solution } = solved({
    ...base,
    flows: [{ id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts: [-1000, 700, 800] }],
    ask: { find: "value", at: "P1Y" },
  });
  const life = runAccount(solution);
  expect(life?.rows).toHaveLength(3);
  expect(life?.left ?? NaN).toBeCloseTo(0, 9);
});
