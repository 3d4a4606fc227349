import { expect } from "@jest/globals";
import { readProblem } from "../src/engine/problem/problem-file";
import { solve } from "../src/engine/solve/solve";

/** The one answer that a case of the reference has. */
interface Wanted {
  readonly value: string;
  readonly unit: string;
  readonly direction?: string | undefined;
}

const TOLERANCE = 1e-12;

/** A problem of the reference has its one answer, to every digit that a double has but the last few. */
export function expectAnswer(problem: unknown, wanted: Wanted): void {
  const read = readProblem(problem);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  const { answers } = solution.value;
  expect(answers).toHaveLength(1);
  expectDigits(answers[0].value, wanted.value);
  expect(answers[0].unit).toBe(wanted.unit);
  expect(answers[0].direction).toBe(wanted.direction);
}

export function expectDigits(value: number | null | undefined, wanted: string): void {
  const expected = Number(wanted);
  expect(Math.abs((value ?? NaN) - expected)).toBeLessThanOrEqual(TOLERANCE * Math.abs(expected));
}
