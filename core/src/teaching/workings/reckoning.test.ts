import { describe, expect, test } from "@jest/globals";
import firstVersion from "../../../reference/problems.json";
import secondVersion from "../../../reference/simple-and-dates.json";
import { expectToHold, fromLatex } from "../../../test/reckoner";
import { readProblem } from "../../engine/problem/problem-file";
import { solve } from "../../engine/solve/solve";
import type { Problem } from "../../engine/problem/schema";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import { workings, type WorkingsOptions } from "./workings";
import { STEP_KINDS } from "./step";
import { lineLatex, linePlain } from "./write-line";

const cases = [
  ...firstVersion,
  ...secondVersion.flatMap(({ id, problem, expect: wanted }) =>
    problem === undefined || Array.isArray(wanted) ? [] : { id, problem, expect: wanted },
  ),
] as readonly {
  readonly id: string;
  readonly problem: unknown;
  readonly expect: { readonly value: string; readonly unit: string };
}[];

function solved(file: unknown): { readonly problem: Problem; readonly solution: SolvedProblem } {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return { problem: read.value, solution: solution.value };
}

function stepsOf(file: unknown, options: WorkingsOptions = {}) {
  const { solution } = solved(file);
  return workings(solution, options).steps;
}

describe.each(cases)("$id", ({ problem, expect: wanted }) => {
  const steps = stepsOf(problem);

  test("ends at the reference's value, in the unit of the question", () => {
    const exact = Math.abs(Number(wanted.value));
    const values = steps
      .filter(({ kind }) => kind === "value")
      .map(({ value }) => Math.abs(value ?? NaN));
    // Of a count the last line is the payment that settles the rest.
    const last = wanted.unit === "payments" ? values : values.slice(-1);
    const nearest = Math.min(...last.map((value) => Math.abs(value - exact)));
    expect(nearest).toBeLessThanOrEqual(1e-9 * Math.max(exact, 1e-1));
    expect(steps[0]?.kind).toBe("given");
    expect(steps.at(-1)?.kind).toBe("answer");
  });

  if (wanted.unit === "payments") {
    test("what is left after the full payments is the engine's last payment", () => {
      const { facts } = solved(problem).solution;
      if (facts.wholePayments?.kind === "interest-alone") return;
      const last = facts.wholePayments?.last?.amount;
      const told = steps.findLast(({ kind, value }) => kind === "value" && value !== undefined);
      expect(last).toBeDefined();
      expect(Math.abs((told?.value ?? NaN) - (last ?? NaN))).toBeLessThan(
        1e-6 * Math.max(1, last ?? 0),
      );
    });
  }

  const search = steps.find(({ kind, table }) => kind === "search" && table !== undefined);
  if (search !== undefined) {
    test("the search closes in on what is found", () => {
      const last = Number(search.table?.rows.at(-1)?.[1]?.replaceAll(",", "").replace("−", "-"));
      const found = steps[steps.indexOf(search) + 1]?.value ?? NaN;
      // A rate stands in the table in percent and in the step as a decimal; other figures as they are.
      const apart = Math.min(Math.abs(last / 100 / found - 1), Math.abs(last / found - 1));
      expect(apart).toBeLessThan(1e-8);
    });
  }

  test("every line holds with the digits that stand in it, as text and as LaTeX, in both notations", () => {
    let reckoned = 0;
    for (const { lines, say } of steps) {
      expect(say).toMatch(/^[A-Z“\d].*[.]$/);
      for (const line of lines) {
        for (const notation of ["fractions", "factors"] as const) {
          reckoned += expectToHold(linePlain(line, { notation }));
        }
        expectToHold(fromLatex(lineLatex(line)));
      }
    }
    expect(reckoned).toBeGreaterThan(0);
  });
});

test("every kind of step is seen in the workings of some case", () => {
  const files = cases.map(({ problem }) => ({ ...(problem as object), version: 2 }));
  const inCents = files.slice(0, 20).map((file) => ({ ...file, paymentRounding: "up" }));
  const seen = new Set(
    [...files, ...inCents].flatMap((file) =>
      stepsOf(file, { rounding: { factor: 4, rate: null } }).map(({ kind }) => kind),
    ),
  );
  expect([...seen].sort()).toEqual([...STEP_KINDS].sort());
});
