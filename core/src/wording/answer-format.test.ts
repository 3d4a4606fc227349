import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  answerFormatSchema,
  USUAL_FORMAT,
  withMarks,
  writeDirected,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
} from "./answer-format";
import { formatMoney } from "./format-number";

const format = (parts: Partial<AnswerFormat>): AnswerFormat => ({ ...USUAL_FORMAT, ...parts });

describe("an answer in the form that is wanted", () => {
  test.each<[number, Partial<AnswerFormat>, string]>([
    [1234567.891, {}, "1,234,567.89"],
    [1234567.891, { marks: "point-comma" }, "1.234.567,89"],
    [1234567.891, { marks: "space-comma" }, "1\u202f234\u202f567,89"],
    [1234567.891, { marks: "plain-point" }, "1234567.89"],
    [1234567.891, { marks: "plain-comma", decimals: 4 }, "1234567,8910"],
    [1234567.891, { decimals: 0, sign: "€" }, "€1,234,568"],
    [-1234.5, { sign: "$" }, "−$1,234.50"],
    [-0.004, {}, "0.00"],
    [0.004, { rounding: "up" }, "0.01"],
    [1.999, { rounding: "down" }, "1.99"],
    [-1.999, { rounding: "down" }, "−1.99"],
    [2.5, { decimals: 0, rounding: "half-even" }, "2"],
    [3.5, { decimals: 0, rounding: "half-even" }, "4"],
    [2.5000001, { decimals: 0, rounding: "half-even" }, "3"],
    [2.5, { decimals: 0 }, "3"],
  ])("%p as money with %j is %p", (amount, parts, text) => {
    expect(writeMoney(amount, format(parts))).toBe(text);
  });

  test.each<[number, Partial<AnswerFormat>, string]>([
    [3.15, {}, "3.15%"],
    [3.15, { rate: "decimal" }, "0.0315"],
    [3.15, { rate: "decimal", marks: "plain-comma" }, "0,0315"],
    [3.14159265, { rateDecimals: 2 }, "3.14%"],
    [3.14159265, { rateDecimals: 2, rate: "decimal" }, "0.0314"],
    [-2, {}, "−2%"],
    [7.4, { marks: "point-comma" }, "7,4\u00a0%"],
    [1e-9, {}, "1\u00a0×\u00a010⁻⁹%"],
  ])("%p as a rate with %j is %p", (percent, parts, text) => {
    expect(writeRate(percent, format(parts)).replaceAll(" ", "\u00a0")).toBe(
      text.replaceAll(" ", "\u00a0"),
    );
  });

  test("money out has a minus only where it is wanted", () => {
    expect(writeDirected(140, "out", USUAL_FORMAT)).toBe("140.00");
    expect(writeDirected(140, "out", format({ moneyOut: "minus" }))).toBe("−140.00");
    expect(writeDirected(140, "in", format({ moneyOut: "minus" }))).toBe("140.00");
  });

  test("the canonical form that formulas keep has the marks of any format", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e12, noNaN: true }), (value) => {
        for (const marks of ["comma-point", "space-comma", "plain-point"] as const) {
          expect(withMarks(formatMoney(value), format({ marks }))).toBe(
            writeMoney(value, format({ marks })),
          );
        }
      }),
    );
  });

  test("no marks stand for both: every figure can be read back", () => {
    const marks = fc.constantFrom(...answerFormatSchema.shape.marks.options);
    fc.assert(
      fc.property(fc.integer({ min: -1e11, max: 1e11 }), marks, (cents, chosen) => {
        const text = writeMoney(cents / 100, format({ marks: chosen }));
        const plain = text
          .replace(chosen.endsWith("comma") ? /[.\u202f]/g : /[,\u202f]/g, "")
          .replace(",", ".")
          .replace("−", "-");
        expect(Number(plain)).toBe(cents / 100);
        expect(writeFigure(cents, format({ marks: chosen }), 0)).not.toMatch(/[.,]\d{1,2}$/);
      }),
    );
  });
});
