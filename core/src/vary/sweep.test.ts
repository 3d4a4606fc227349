import { describe, expect, test } from "@jest/globals";
import { effective, filled, list, problemOf, single, solved, stream } from "../../test/problems";
import { prepareSweep, type SweepAxis } from "./sweep";

const loan = problemOf({
  rates: [effective(5), { ...effective({ plus: 1, of: 0 }), from: "P3Y" }],
  flows: [
    single("loan", "in", 1000, "P0D"),
    stream("payments", "out", null, { growth: { percent: 2, every: "P1Y" } }),
    single("residual", "out", { times: 0.2, of: "loan" }, { endOf: "payments" }),
  ],
});
const rate: SweepAxis = { path: ["rates", 0, "percent"], values: [-2, 0, 3.5, 9] };
const count: SweepAxis = { path: ["flows", 1, "count"], values: [1, 4, 12.5] };
const growth: SweepAxis = { path: ["flows", 1, "growth", "percent"], values: [0, 5] };

function sweepOf(first: SweepAxis, second: SweepAxis | null = null, problem = loan) {
  const sweep = prepareSweep(problem, first, second);
  if (!sweep.ok) throw new Error(JSON.stringify(sweep.issues));
  return sweep.value;
}

describe("a sweep", () => {
  test.each([
    ["fields that change different parts of the timeline", rate, count],
    ["fields of the same line", count, growth],
    [
      "two fields of which one reaches other lines",
      { path: ["flows", 0, "amount"], values: [500, 900] },
      count,
    ],
  ])("has in each cell what solving that problem alone gives: %s", (_, first, second) => {
    const sweep = sweepOf(first, second);
    expect([sweep.rows, sweep.columns]).toEqual([first.values.length, second.values.length]);
    first.values.forEach((one, row) => {
      const cells = [...sweep.solveRow(row)];
      const alone = second.values.map(
        (other) =>
          solved(filled(filled(loan, first.path, one), second.path, other)).answers[0].value,
      );
      expect(cells).toEqual(alone);
    });
  });

  test("of one field has one column", () => {
    const sweep = sweepOf(rate);
    expect([sweep.rows, sweep.columns]).toEqual([4, 1]);
    expect(sweep.solveRow(2)[0]).toBe(solved(filled(loan, rate.path, 3.5)).answers[0].value);
  });

  test("takes a time in years", () => {
    const at: SweepAxis = { path: ["rates", 1, "from"], values: [1, 2.25, 1e-7] };
    const alone = ["P1Y", "P2Y3M", "P0.0000001Y"].map(
      (from) =>
        solved(
          problemOf({ ...loan, rates: [effective(5), { ...effective({ plus: 1, of: 0 }), from }] }),
        ).answers[0].value,
    );
    const sweep = sweepOf(at);
    alone.forEach((value, row) => expect(sweep.solveRow(row)[0]).toBeCloseTo(value, 9));
  });

  test("of an amount that balances only the other way round goes below zero", () => {
    const goal = problemOf({
      rates: [effective(0)],
      flows: [
        single("in", "out", 100, "P0D"),
        single("more", "in", 30, "P1Y"),
        single("rest", "in", null, "P2Y"),
      ],
    });
    const sweep = sweepOf({ path: ["flows", 1, "amount"], values: [30, 100, 130] }, null, goal);
    expect([0, 1, 2].map((row) => Math.round(sweep.solveRow(row)[0] ?? NaN))).toEqual([70, 0, -30]);
  });

  test("has no number where there is no answer", () => {
    const project = problemOf({ rates: [effective(null)], flows: [list("p", [-100, 60, 60])] });
    const sweep = sweepOf({ path: ["flows", 0, "amounts", 0], values: [-100, 100] }, null, project);
    expect([...sweep.solveRow(0)][0]).toBeCloseTo(13.0662386291808, 9);
    expect([...sweep.solveRow(1)]).toEqual([NaN]);
  });

  test.each<[string, SweepAxis, SweepAxis | null]>([
    ["sweep-field-unfit", { path: ["flows", 1, "amount"], values: [1] }, null],
    ["sweep-field-unfit", { path: ["flows", 7, "amount"], values: [1] }, null],
    ["sweep-field-unfit", { path: ["flows", 2, "at"], values: [1] }, null],
    ["sweep-field-unfit", { path: ["flows", 0, "id"], values: [1] }, null],
    ["wrong-format", { path: ["flows", 0, "at"], values: [1, NaN] }, null],
    ["sweep-field-unfit", { path: ["__proto__"], values: [1] }, null],
    ["sweep-field-unfit", { path: ["flows", 0, "amount"], values: [] }, null],
    ["out-of-range", { path: ["flows", 0, "amount"], values: [5, -1] }, null],
    ["wrong-type", { path: ["flows", 0, "amount"], values: [5, NaN] }, null],
    [
      "sweep-too-large",
      { ...rate, values: Array<number>(600).fill(1) },
      { ...count, values: Array<number>(600).fill(1) },
    ],
  ])("%s", (code, first, second) => {
    const sweep = prepareSweep(loan, first, second);
    expect(sweep.ok ? null : sweep.issues[0]?.code).toBe(code);
  });
});
