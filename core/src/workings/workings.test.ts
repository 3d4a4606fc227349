import { describe, expect, test } from "@jest/globals";
import cases from "../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import { solve } from "../solve/solve";
import type { Step } from "./step";
import { workings } from "./workings";

function stepsOf(file: unknown): Step[] {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return workings(read.value, solution.value) ?? [];
}

const base = { format: "kestrelmoor-problem", version: 1 };
const single = (id: string, direction: string, amount: unknown, at: unknown) => ({
  id,
  kind: "single",
  direction,
  amount,
  at,
});
const quarterly = { percent: 3.15, quoted: "nominal", compounding: "P3M" };

const lumps = cases.filter(({ family }) =>
  /^(lump-.*|rate-change-lump|buying-power)$/.test(family),
);

describe.each(lumps)("$id", ({ problem, expect: wanted }) => {
  test("goes from what is given to the answer, and the value on the way is the reference's", () => {
    const steps = stepsOf(problem);
    expect(steps[0]?.kind).toBe("given");
    expect(steps.at(-1)?.kind).toBe("answer");
    const exact = Number(wanted.value);
    const values = steps.filter(({ kind }) => kind === "value").map(({ value }) => value ?? NaN);
    expect(values.some((value) => Math.abs(value / exact - 1) < 1e-11)).toBe(true);
    for (const { say, latex } of steps) {
      expect(say).toMatch(/^[A-Z].*[.:]$/);
      expect(latex.join("")).not.toMatch(/NaN|Infinity|undefined|null/);
    }
  });
});

describe("the textbook case has the textbook's formulas", () => {
  const parts = (amount: unknown, percent: unknown, back: unknown, at: unknown) => ({
    ...base,
    rates: [{ ...quarterly, percent }],
    flows: [single("a", "out", amount, "P0D"), single("b", "in", back, at)],
  });
  const latexOf = (file: unknown) => stepsOf(file).flatMap(({ latex }) => latex);

  test("a future value: rate for one period, number of periods, formula, numbers, value", () => {
    expect(latexOf(parts(4500, 3.15, null, "P3Y4M"))).toEqual([
      String.raw`PV = 4{,}500.00,\quad FV = \text{?}`,
      String.raw`j = 3.15\,\% \;\text{a year, compounded quarterly},\quad m = 4`,
      String.raw`t = \text{3 years 4 months}`,
      String.raw`i = \frac{j}{m} = \frac{0.0315}{4} = 0.007875`,
      String.raw`n = m \times t = 4 \times \frac{40}{12} = 13.33333333`,
      String.raw`FV = PV \times (1+i)^{n}`,
      String.raw`FV = 4{,}500.00 \times (1 + 0.007875)^{13.33333333}`,
      String.raw`FV = 4{,}500.00 \times 1.110253892`,
      String.raw`FV = 4{,}996.142512`,
    ]);
  });

  test.each<[string, unknown, string[]]>([
    [
      "a present value divides",
      parts(null, 3.15, 5000, "P1Y"),
      [String.raw`PV = \frac{FV}{(1+i)^{n}}`],
    ],
    [
      "a rate takes the root and is quoted again",
      parts(100, null, 120, "P2Y"),
      [String.raw`i = \left(\frac{FV}{PV}\right)^{1/n} - 1`, String.raw`j = m \times i`],
    ],
    [
      "a time takes logarithms and goes back to years",
      parts(100, 3.15, 120, null),
      [String.raw`n = \frac{\ln(FV / PV)}{\ln(1+i)}`, String.raw`t = \frac{n}{m}`],
    ],
    [
      "continuous interest uses the exponential",
      {
        ...parts(100, 3.15, null, "P2Y"),
        rates: [{ percent: 4, quoted: "continuous" }],
      },
      [String.raw`FV = PV \times e^{\delta t}`],
    ],
    [
      "a rate below zero is taken off",
      { ...parts(100, 3.15, null, "P2Y"), rates: [{ percent: -2, quoted: "effective" }] },
      [String.raw`(1 - 0.02)^{2}`],
    ],
  ])("%s", (_, file, wanted) => {
    const all = latexOf(file).join("\n");
    for (const formula of wanted) expect(all).toContain(formula);
  });
});

describe("everything else goes by the equation of value", () => {
  test("both sides of an unknown that others hang on", () => {
    const steps = stepsOf({
      ...base,
      rates: [{ percent: 6, quoted: "effective" }],
      flows: [
        single("loan", "in", 1000, "P0D"),
        single("x", "out", null, "P1Y"),
        single("y", "out", { times: 2, of: "x" }, "P2Y"),
      ],
    });
    const equation = steps.find(({ kind }) => kind === "equation");
    expect(equation?.latex).toEqual([String.raw`1{,}000.00\,(1+i) = X + 2\,X\,(1+i)^{-1}`]);
    expect(steps.find(({ kind }) => kind === "value")?.value).toBeCloseTo(1060 / (1 + 2 / 1.06), 9);
  });

  test("a worth sets money out against money in", () => {
    const steps = stepsOf({
      ...base,
      rates: [{ percent: 5, quoted: "effective" }],
      flows: [single("a", "in", 100, "P1Y"), single("b", "out", 140, "P6Y")],
      ask: { find: "value", at: "P2Y" },
    });
    expect(steps.find(({ kind }) => kind === "equation")?.latex).toEqual([
      String.raw`V = 100.00\,(1+i) - 140.00\,(1+i)^{-4}`,
    ]);
  });

  test("rates without a closed form are put back in, and both sides agree", () => {
    const steps = stepsOf({
      ...base,
      rates: [{ percent: null, quoted: "effective" }],
      flows: [
        single("a", "out", 1000, "P0D"),
        single("b", "in", 2300, "P1Y"),
        single("c", "out", 1320, "P2Y"),
      ],
    });
    const check = steps.find(({ kind }) => kind === "check");
    expect(check?.latex.map((line) => line.replace(/.*\} /, ""))).toEqual([
      "2{,}090.909091",
      "2{,}090.909091",
    ]);
    expect(steps.find(({ kind }) => kind === "value")?.latex).toHaveLength(2);
  });

  test("an unknown rate of one spell between two amounts still has its root", () => {
    const steps = stepsOf({
      ...base,
      rates: [
        { percent: 5, quoted: "effective" },
        { percent: null, quoted: "nominal", compounding: "P3M", from: "P3Y" },
      ],
      flows: [single("a", "out", 100, "P1Y"), single("b", "in", 140, "P6Y")],
    });
    const exact = 400 * ((140 / 110.25) ** (1 / 12) - 1);
    expect(steps.filter(({ kind }) => kind === "value").at(-1)?.value).toBeCloseTo(exact, 10);
  });

  test("a date after the rate has changed is counted from the change", () => {
    const steps = stepsOf({
      ...base,
      rates: [
        { percent: 6, quoted: "effective" },
        { percent: 4, quoted: "nominal", compounding: "P1M", from: "P2Y" },
      ],
      flows: [single("a", "out", 1000, "P0D"), single("b", "in", 1500, null)],
    });
    const exact = 2 + Math.log(1500 / 1123.6) / (12 * Math.log(1 + 0.04 / 12));
    expect(steps.filter(({ kind }) => kind === "value").at(-1)?.value).toBeCloseTo(exact, 10);
  });
});
