import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import type { Flow, Problem } from "../problem/schema";
import { yearsOf } from "../time/duration";
import { isoYears } from "../time/moment";
import { solve } from "./solve";
import { expectAnswer } from "../../../test/reference-answer";

/* Expected values: brute force in 60-digit decimals, every payment accumulated on its own. */

test("the reference has every family", () => {
  expect(new Set(cases.map(({ family }) => family)).size).toBe(40);
  expect(cases.length).toBe(319);
});

describe.each(cases)("$id", ({ problem, expect: wanted }) => {
  test(`is ${wanted.value} ${wanted.unit}`, () => {
    expectAnswer(problem, wanted);
  });
});

describe("seen from seven years later, when some of it is past", () => {
  const movable = cases.filter(
    ({ problem, expect: wanted }) =>
      problem.rates.length === 1 &&
      problem.flows.every(({ kind }) => kind !== "dated") &&
      wanted.unit !== "years",
  );

  test.each(movable.map(({ id, problem, expect: wanted }) => [id, problem, wanted] as const))(
    "%s has the same answer",
    (_, problem, wanted) => {
      const read = readProblem(problem);
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      const solution = solve(sevenYearsLater(read.value));
      if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
      const expected = Number(wanted.value);
      const [{ value }] = solution.value.answers;
      // Moved by seven years, times lose a digit.
      expect(Math.abs(value - expected)).toBeLessThan(1e-11 * Math.abs(expected));
    },
  );

  test("most cases can be moved", () => {
    expect(movable.length).toBeGreaterThan(200);
  });
});

function sevenYearsLater(problem: Problem): Problem {
  const moved = <At>(at: At) => (typeof at === "string" ? isoYears(yearsOf(at) - 7) : at);
  return {
    ...problem,
    flows: problem.flows.map((flow): Flow => {
      if (flow.kind === "single") return { ...flow, at: moved(flow.at) };
      return "begins" in flow ? { ...flow, begins: moved(flow.begins) } : flow;
    }),
    ...(problem.ask === undefined ? {} : { ask: { ...problem.ask, at: moved(problem.ask.at) } }),
  };
}
