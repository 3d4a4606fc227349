import { describe, expect, test } from "@jest/globals";
import { effective, problemOf, single, stream } from "../../../test/problems";
import { solve } from "../../engine/solve/solve";
import { furtherWorkings } from "./further/further-workings";
import type { Step } from "./step";
import { workings } from "./workings";
import { linePlain } from "./write-line";

function textOf(steps: readonly Step[]): string {
  return steps
    .flatMap(({ say, lines }) => [say, ...lines.map((line) => linePlain(line))])
    .join("\n");
}

const periodic = (percent: number, compounding: string) => ({
  ...{ percent, quoted: "periodic", compounding },
});
const loan = [
  single("loan", "in", 1000, "P0D"),
  stream("pay", "out", null, { every: "P1M", count: 360 }),
];

describe("rates at which factors are past the largest double", () => {
  test.each<[string, object, object[]]>([
    ["−99% a month", periodic(-99, "P1M"), loan],
    ["−50% a day", periodic(-50, "P1D"), loan],
    [
      "−99% a month, and payments that fall as fast",
      periodic(-99, "P1M"),
      [
        single("now", "in", null, "P5Y"),
        { ...stream("pay", "out", 100, { count: 10 }), growth: { percent: -99, every: "P1Y" } },
      ],
    ],
    [
      "1,000,000% compounded continuously",
      { percent: 1e6, quoted: "continuous" },
      [single("now", "in", null, "P0D"), stream("pay", "out", 100, { every: "P1M", count: 360 })],
    ],
  ])("%s: the steps are left out, the answer stays", (_, rate, flows) => {
    const problem = problemOf({ rates: [rate], flows, also: [{ find: "balance", at: "P1Y" }] });
    const solution = solve(problem);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    const own = workings(solution.value);
    const further = furtherWorkings(solution.value, own).flatMap((made) => made?.steps ?? []);
    expect(textOf(own.steps)).toContain("The steps are left out.");
    expect(textOf([...own.steps, ...further])).not.toMatch(/NaN|Infinity|undefined/);
    expect(own.steps.at(-1)).toMatchObject({ kind: "answer" });
  });

  test("at any ordinary rate nothing is left out", () => {
    const problem = problemOf({ rates: [effective(-99)], flows: loan });
    const solution = solve(problem);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    expect(textOf(workings(solution.value).steps)).not.toContain("left out");
  });
});
