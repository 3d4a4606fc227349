import { describe, expect, test } from "@jest/globals";
import { effective, filled, list, problemOf, single, solved, stream } from "../../../test/problems";
import { ASK_FIELD, fieldKey, flowField, rateField, type FieldRef } from "../fields/field-ref";
import type { Problem } from "../problem/schema";
import type { Path } from "../issues/issue";
import { prepareSweep, type SweepAxis } from "./sweep";

const loan = problemOf({
  rates: [effective(5), { ...effective({ plus: 1, of: 0 }), from: "P3Y" }],
  flows: [
    single("loan", "in", 1000, "P0D"),
    stream("payments", "out", null, { growth: { percent: 2, every: "P1Y" } }),
    single("residual", "out", { times: 0.2, of: "loan" }, { endOf: "payments" }),
  ],
});
const rate: SweepAxis = { field: rateField(0, "percent"), values: [-2, 0, 3.5, 9] };
const count: SweepAxis = { field: flowField(1, "count"), values: [1, 4, 12.5] };
const growth: SweepAxis = { field: flowField(1, "growth"), values: [0, 5] };

/** Where the fields stand in the file, which the expected answers are made with. */
const PATHS = new Map<string, Path>([
  [fieldKey(rate.field), ["rates", 0, "percent"]],
  [fieldKey(count.field), ["flows", 1, "count"]],
  [fieldKey(growth.field), ["flows", 1, "growth", "percent"]],
  [fieldKey(flowField(0, "amount")), ["flows", 0, "amount"]],
]);

function withIt(problem: Problem, field: FieldRef, figure: number): Problem {
  const path = PATHS.get(fieldKey(field));
  if (path === undefined) throw new Error(`Where is ${fieldKey(field)}?`);
  return filled(problem, path, figure);
}

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
      { field: flowField(0, "amount"), values: [500, 900] },
      count,
    ],
  ])("has in each cell what solving that problem alone gives: %s", (_, first, second) => {
    const sweep = sweepOf(first, second);
    expect([sweep.rows, sweep.columns]).toEqual([first.values.length, second.values.length]);
    first.values.forEach((one, row) => {
      const cells = [...sweep.solveRow(row)];
      const alone = second.values.map(
        (other) =>
          solved(withIt(withIt(loan, first.field, one), second.field, other)).answers[0].value,
      );
      expect(cells).toEqual(alone);
    });
  });

  test("of one field has one column", () => {
    const sweep = sweepOf(rate);
    expect([sweep.rows, sweep.columns]).toEqual([4, 1]);
    expect(sweep.solveRow(2)[0]).toBe(solved(withIt(loan, rate.field, 3.5)).answers[0].value);
  });

  test("takes a time in years", () => {
    const at: SweepAxis = { field: rateField(1, "from"), values: [1, 2.25, 1e-7] };
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
    const sweep = sweepOf({ field: flowField(1, "amount"), values: [30, 100, 130] }, null, goal);
    expect([0, 1, 2].map((row) => Math.round(sweep.solveRow(row)[0] ?? NaN))).toEqual([70, 0, -30]);
  });

  test("has no number where there is no answer", () => {
    const project = problemOf({ rates: [effective(null)], flows: [list("p", [-100, 60, 60])] });
    const sweep = sweepOf(
      { field: flowField(0, "amounts", 0), values: [-100, 100] },
      null,
      project,
    );
    expect([...sweep.solveRow(0)][0]).toBeCloseTo(13.0662386291808, 9);
    expect([...sweep.solveRow(1)]).toEqual([NaN]);
  });

  test.each<[string, SweepAxis, SweepAxis | null]>([
    ["sweep-field-unfit", { field: flowField(1, "amount"), values: [1] }, null],
    ["sweep-field-unfit", { field: flowField(7, "amount"), values: [1] }, null],
    ["sweep-field-unfit", { field: flowField(2, "at"), values: [1] }, null],
    ["sweep-field-unfit", { field: flowField(0, "direction"), values: [1] }, null],
    ["wrong-format", { field: flowField(0, "at"), values: [1, NaN] }, null],
    ["sweep-field-unfit", { field: ASK_FIELD, values: [1] }, null],
    ["sweep-field-unfit", { field: flowField(0, "amount"), values: [] }, null],
    ["out-of-range", { field: flowField(0, "amount"), values: [5, -1] }, null],
    ["wrong-type", { field: flowField(0, "amount"), values: [5, NaN] }, null],
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
