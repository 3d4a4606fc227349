import { expect, test } from "@jest/globals";
import { problemOf, single, stream } from "../../../../test/problems";
import { runSchedule } from "../../../engine/schedule/schedule";
import { periodRates } from "./period-rates";

test("a rate that stays the same is told once, however late and short its periods are", () => {
  const problem = problemOf({
    rates: [
      { percent: 0.543, quoted: "effective" },
      { percent: 0.617, quoted: "effective", from: "P3Y" },
    ],
    flows: [
      single("loan", "in", 100_000, "P0D"),
      stream("repayments", "out", null, { every: "P1D", count: 90 * 365 }),
    ],
  });
  const run = runSchedule(problem, { flow: "repayments", rounding: "none", changes: [] });
  if (!run.ok) throw new Error(JSON.stringify(run.issues));
  const rates = periodRates(run.value);
  expect(rates.map(({ from }) => from)).toEqual([1, 3 * 365 + 1]);
  expect(rates[0]?.value).toBeCloseTo(1.00543 ** (1 / 365) - 1, 12);
  expect(rates[1]?.value).toBeCloseTo(1.00617 ** (1 / 365) - 1, 12);
});
