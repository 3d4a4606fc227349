import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import { solve } from "./solve";

/** Expected values: brute force in 60-digit decimals, every payment accumulated on its own. */
const TOLERANCE = 1e-12;

test("the reference has every family", () => {
  expect(new Set(cases.map(({ family }) => family)).size).toBe(40);
  expect(cases.length).toBe(319);
});

describe.each(cases)("$id", ({ problem, expect: wanted }) => {
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
    expect(answers[0].direction).toBe("direction" in wanted ? wanted.direction : undefined);
  });
});
