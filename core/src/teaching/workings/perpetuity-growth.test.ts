import { describe, expect, test } from "@jest/globals";
import { problemOf, single, stream } from "../../../test/problems";
import { expectToHold, fromLatex } from "../../../test/reckoner";
import { solve } from "../../engine/solve/solve";
import { workings } from "./workings";
import { lineLatex, linePlain } from "./write-line";

/** A share bought for a price, whose dividends grow for ever. */
const share = (timing: "end" | "start", begins = "P0D") =>
  problemOf({
    rates: [{ percent: 9, quoted: "effective" }],
    flows: [
      single("price", "out", 60, begins),
      stream("dividends", "in", 3, {
        ...{ count: "forever", timing, begins },
        growth: { percent: null, every: "P1Y" },
      }),
    ],
  });

describe("the growth of a perpetuity has a formula of its own", () => {
  test.each([
    ["at the end of each year", "end", "P0D", 0.09 - 3 / 60, /g = i - PMT \/ PV/],
    ["at the start", "start", "P0D", 0.09 - (3 * 1.09) / 60, /g = i - PMT × \(1 \+ i\) \/ PV/],
    ["deferred together with the price", "end", "P2Y", 0.09 - 3 / 60, /g = i - PMT \/ /],
  ] as const)("%s", (_, timing, begins, growth, formula) => {
    const problem = share(timing, begins);
    const solution = solve(problem);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    const { steps } = workings(solution.value);
    expect(steps.some(({ kind }) => kind === "search")).toBe(false);
    const lines = steps.flatMap((step) => step.lines);
    expect(lines.map((line) => linePlain(line)).join("\n")).toMatch(formula);
    const told = steps.findLast(({ kind, value }) => kind === "value" && value !== undefined);
    expect(told?.value).toBeCloseTo(growth * 100, 9);
    let reckoned = 0;
    for (const line of lines) {
      reckoned += expectToHold(linePlain(line));
      expectToHold(fromLatex(lineLatex(line)));
    }
    expect(reckoned).toBeGreaterThan(0);
  });
});

test("several internal rates are all named where the workings end", () => {
  const problem = problemOf({
    rates: [{ percent: null, quoted: "effective" }],
    flows: [
      single("pit", "out", 100, "P0D"),
      single("peat", "in", 230, "P1Y"),
      single("repair", "out", 132, "P2Y"),
    ],
  });
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  expect(workings(solution.value).steps.at(-1)?.say).toBe(
    "The rate is 10% or 20% a year, effective.",
  );
});
