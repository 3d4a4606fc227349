import { describe, expect, test } from "@jest/globals";
import questions from "../../test/own-questions.json";
import { answersIn, answersOfPart } from "../../test/read-answers";
import { convertRate } from "../engine/rates/convert-rate";
import { readQuestion } from "./index";

/** Written in other words than those of the reference; the values are of the textbook's formulas, worked elsewhere. */
interface Case {
  readonly style: string;
  readonly text: string;
  readonly kind?: string;
  readonly missing?: string;
  readonly want?: string;
  readonly value?: number;
  readonly unit?: string;
  readonly direction?: string;
  /** Of several parts: the answer of each. */
  readonly answers?: readonly { readonly value: number; readonly unit: string }[];
}

const cases: readonly Case[] = questions;
const of = (kind: string | undefined) => cases.filter((one) => one.kind === kind);

function expectClose(value: number | undefined, wanted: number | undefined): void {
  const expected = wanted ?? Number.NaN;
  expect(Math.abs((value ?? Number.NaN) - expected)).toBeLessThanOrEqual(
    1e-9 * Math.max(1, Math.abs(expected)),
  );
}

describe("a problem, or several parts, of which the last is asked", () => {
  test.each(of(undefined))("$style: $text", ({ text, value, unit, direction }) => {
    const reading = readQuestion(text);
    expect(reading.missing).toEqual([]);
    const [answer] = answersIn(reading);
    expect(answer?.unit).toBe(unit);
    expectClose(
      unit === "money" && answer?.direction === undefined
        ? Math.abs(answer?.value ?? 0)
        : answer?.value,
      unit === "money" ? Math.abs(value ?? 0) : value,
    );
    if (direction !== undefined && answer?.direction !== undefined) {
      expect(answer.direction).toBe(direction);
    }
  });
});

describe("several parts, all of which are asked", () => {
  test.each(of("parts"))("$text", ({ text, answers = [] }) => {
    const reading = readQuestion(text);
    expect(reading.missing).toEqual([]);
    expect(reading.parts).toHaveLength(answers.length);
    reading.parts.forEach((part, index) => {
      const [answer] = answersOfPart(part);
      const wanted = answers[index];
      expect(answer?.unit).toBe(wanted?.unit);
      expectClose(Math.abs(answer?.value ?? Number.NaN), Math.abs(wanted?.value ?? Number.NaN));
    });
  });
});

test.each(of("rate"))("a rate to restate: $text", ({ text, value }) => {
  const { kind, from, to } = readQuestion(text);
  expect(kind).toBe("rate");
  const percent =
    typeof from?.percent === "number" && to !== undefined
      ? convertRate({ ...from, percent: from.percent }, to)
      : null;
  expectClose(percent?.ok === true ? percent.value : undefined, value);
});

test.each(of("offers"))("offers to choose among: $text", ({ text, want }) => {
  const { kind, rates, want: read } = readQuestion(text);
  expect(kind).toBe("offers");
  expect(rates?.length).toBeGreaterThan(1);
  expect(read).toBe(want);
});

test("the quotation asked for before a colon is not that of the rates offered behind it", () => {
  const text =
    "Which has the higher effective rate: 8% compounded quarterly or 7.9% compounded daily?";
  const { rates } = readQuestion(text);
  expect(rates).toEqual([
    { quoted: "nominal", percent: 8, compounding: "P3M" },
    { quoted: "nominal", percent: 7.9, compounding: "P1D" },
  ]);
});

test.each(of("incomplete"))("too little: $text", ({ text, missing }) => {
  const reading = readQuestion(text);
  expect(reading.kind).toBe("incomplete");
  expect(reading.missing.map(({ code }) => code)).toContain(missing);
});

test.each(of("other"))("something else: $text", ({ text }) => {
  const { kind, parts } = readQuestion(text);
  expect(kind).toBe("other");
  expect(parts).toEqual([]);
});
