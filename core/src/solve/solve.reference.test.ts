import { describe, expect, test } from "@jest/globals";
import cases from "../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import { solve } from "./solve";

/** Families that are single amounts throughout. Expected values: brute force in 60-digit decimals. */
const FAMILIES = /^(lump-.*|rate-change-lump|buying-power)$/;
const TOLERANCE = 1e-12;

const solvable = cases.filter(({ family }) => FAMILIES.test(family));

test("the reference has all the lump-sum families", () => {
  expect(new Set(solvable.map(({ family }) => family)).size).toBe(6);
  expect(solvable.length).toBe(49);
});

describe.each(solvable)("$id", ({ problem, expect: wanted }) => {
  test(`is ${wanted.value} ${wanted.unit}`, () => {
    const read = readProblem(problem);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const solution = solve(read.value);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    const { answers } = solution.value;
    expect(answers).toHaveLength(1);
    const expected = Number(wanted.value);
    expect(Math.abs(answers[0].value - expected) / Math.abs(expected)).toBeLessThan(TOLERANCE);
    expect(answers[0].unit).toBe(wanted.unit);
    expect(answers[0].direction).toBe("direction" in wanted ? wanted.direction : undefined);
  });
});

test("every other case of the reference is a valid problem file", () => {
  const refused = cases.filter(({ problem }) => !readProblem(problem).ok);
  expect(refused.map(({ id }) => id)).toEqual([]);
});
