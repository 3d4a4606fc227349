import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/simple-and-dates.json";
import { readProblem } from "../problem/problem-file";
import { convertRate } from "../rates/convert-rate";
import { quotationSchema, quotedRateSchema } from "../problem/schema";
import { solve } from "./solve";

/** Expected values: brute force in 60-digit decimals, every payment moved on its own. */
const TOLERANCE = 1e-12;

const problems = cases.flatMap(({ id, problem, expect: wanted }) =>
  problem === undefined ? [] : { id, problem, wanted: wanted },
);
const conversions = cases.flatMap(({ id, from, to, expect: wanted }) =>
  from === undefined ? [] : { id, from, to, wanted: wanted },
);

test("the reference has every family", () => {
  expect(cases).toHaveLength(60);
  expect(new Set(cases.map(({ family }) => family)).size).toBe(12);
});

describe.each(problems)("$id", ({ problem, wanted }) => {
  test(`is ${wanted.value} ${wanted.unit}`, () => {
    const read = readProblem(problem);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const solution = solve(read.value);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    const { answers } = solution.value;
    expect(answers).toHaveLength(1);
    const expected = Number(wanted.value);
    expect(Math.abs(answers[0].value - expected)).toBeLessThan(TOLERANCE * Math.abs(expected));
    expect(answers[0].unit).toBe(wanted.unit);
    expect(answers[0].direction).toBe(wanted.direction);
  });
});

describe.each(conversions)("$id", ({ from, to, wanted }) => {
  test(`is ${wanted.value} percent`, () => {
    const percent = convertRate(quotedRateSchema.parse(from), quotationSchema.parse(to));
    if (!percent.ok) throw new Error(JSON.stringify(percent.issues));
    const expected = Number(wanted.value);
    expect(Math.abs(percent.value - expected)).toBeLessThan(TOLERANCE * Math.abs(expected));
  });
});
