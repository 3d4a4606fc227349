import { describe, expect, test } from "@jest/globals";
import {
  prepareSweep,
  USUAL_FORMAT,
  type Answer,
  type AnswerFormat,
  type FigureUnit,
} from "@kestrelmoor/core";
import { SHAPES } from "@kestrelmoor/core/typing";
import fc from "fast-check";
import { outcomeOf } from "../../document/outcome";
import { csvText, tabbedText } from "../figure-table";
import { rangeFor, readRange } from "./choice";
import { chartValues, rangeAround, tableValues } from "./ranges";
import { sweepFields, writeFieldFigure } from "./sweep-fields";
import { sweptValue, writeSwept } from "./swept-answer";

const units = fc.constantFrom<FigureUnit>("money", "percent", "payments", "years");

describe("the range that is looked at first", () => {
  test.each<[number, FigureUnit, number, number]>([
    [140, "money", 70, 210],
    [86_000, "money", 45_000, 130_000],
    [-5000, "money", -7500, -2500],
    [0, "money", 0, 1000],
    [3.15, "percent", 1, 5],
    [12, "percent", 6, 18],
    [-2, "percent", -4, 0],
    [40, "payments", 20, 60],
    [1, "payments", 1, 1.5],
    [10, "years", 5, 15],
    [0, "years", 0, 10],
  ])("around %p, %s, goes from %p to %p", (value, unit, from, to) => {
    expect(rangeAround(value, unit)).toEqual({ from, to });
  });

  test("always holds the present figure, and can be typed as it is told", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1e7, noNaN: true }), units, (figure, unit) => {
        const value = unit === "payments" ? Math.ceil(figure) : figure;
        const { from, to } = rangeAround(value, unit);
        expect(from).toBeLessThanOrEqual(value);
        expect(to).toBeGreaterThanOrEqual(value);
      }),
    );
  });

  test.each([
    ["5%", "3%", "percent"],
    ["3%", "3%", "percent"],
    ["soon", "9", "money"],
    ["", "9", "money"],
    ["1 year", "later", "years"],
    ["ever", "9", "payments"],
  ] as const)("from %p to %p, %s, is none", (from, to, unit) => {
    expect(readRange({ key: "", from, to }, unit)).toBeNull();
  });
});

describe("the figures of an axis", () => {
  test("of a chart go evenly from end to end; payments come whole", () => {
    expect(chartValues({ from: 0, to: 0.3 }, "percent")[10]).toBe(0.03);
    expect(chartValues({ from: 1, to: 5 }, "payments")).toEqual([1, 2, 3, 4, 5]);
    expect(chartValues({ from: 0.5, to: 360 }, "payments").every(Number.isInteger)).toBe(true);
    expect(chartValues({ from: 0.2, to: 0.4 }, "payments")).toHaveLength(1);
  });

  test("of a table have the present one among them, once", () => {
    expect(tableValues({ from: 1, to: 5 }, "percent", 3.15)).toContain(3.15);
    expect(tableValues({ from: 1, to: 5 }, "percent", 3)).toHaveLength(9);
    expect(tableValues({ from: 1, to: 5 }, "percent", 9)).not.toContain(9);
    expect(tableValues({ from: 25_000, to: 80_000 }, "money", 52_000)).toEqual([
      25_000, 30_000, 40_000, 50_000, 52_000, 60_000, 70_000, 80_000,
    ]);
    expect(tableValues({ from: 0.03, to: 0.11 }, "percent", 0.05)).toHaveLength(9);
    expect(tableValues({ from: 20, to: 60 }, "payments", 40)).toEqual([
      20, 25, 30, 35, 40, 45, 50, 55, 60,
    ]);
    expect(tableValues({ from: 0.5, to: 3.5 }, "payments", 2)).toEqual([1, 2, 3]);
  });
});

describe("the fields that can be varied", () => {
  test.each(SHAPES)("of the shape $id are all taken by a sweep, and have a name", (shape) => {
    const draft = shape.picture();
    const { problem } = outcomeOf(draft);
    if (problem === null) throw new Error("A shape with figures is a problem");
    const fields = sweepFields(draft, problem);
    expect(fields.length).toBeGreaterThan(1);
    expect(new Set(fields.map(({ name }) => name)).size).toBe(fields.length);
    for (const field of fields) {
      const { ref, unit, value } = field;
      expect(prepareSweep(problem, { field: ref, values: [value] }).ok).toBe(true);
      expect(writeFieldFigure(value, unit, USUAL_FORMAT)).toMatch(/\d/);
      expect(readRange(rangeFor(field), unit)).not.toBeNull();
    }
  });
});

describe("an answer on the chart", () => {
  const minus: AnswerFormat = { ...USUAL_FORMAT, moneyOut: "minus" };
  const paid: Answer = { value: 30, unit: "money", direction: "out" };

  test("below zero goes the other way than the problem's own", () => {
    expect(sweptValue({ ...paid, turned: true })).toBe(-30);
    expect(writeSwept(30, paid, USUAL_FORMAT)).toBe("30.00");
    expect(writeSwept(-30, paid, USUAL_FORMAT)).toBe("−30.00");
    expect(writeSwept(30, paid, minus)).toBe("−30.00");
    expect(writeSwept(-30, paid, minus)).toBe("30.00");
    // Turned: the line says in, and what balances goes out.
    expect(writeSwept(-30, { ...paid, turned: true }, minus)).toBe("−30.00");
  });

  test.each<[Answer["unit"], string]>([
    ["percent", "4.5%"],
    ["payments", "4.5"],
    ["years", "4.5 years"],
  ])("of %s has its own words", (unit, text) => {
    expect(writeSwept(4.5, { value: 1, unit }, USUAL_FORMAT)).toBe(text);
  });
});

describe("figures to take along", () => {
  const table = {
    heads: ['Rate, "first"', "Answer"],
    rows: [
      [0.1 + 0.2, 1234567.891],
      [4, NaN],
    ],
  };

  test("as CSV are quoted where they are words and plain where they are figures", () => {
    expect(csvText(table, USUAL_FORMAT)).toBe(
      '"Rate, ""first""","Answer"\r\n0.3,1234567.891\r\n4,\r\n',
    );
    expect(csvText(table, { ...USUAL_FORMAT, marks: "point-comma" })).toBe(
      '"Rate, ""first""";"Answer"\r\n0,3;1234567,891\r\n4;\r\n',
    );
  });

  test("for the clipboard are parted by tabs", () => {
    expect(tabbedText(table, USUAL_FORMAT)).toBe('Rate, "first"\tAnswer\n0.3\t1234567.891\n4\t');
  });
});
