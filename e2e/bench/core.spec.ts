import { readFileSync } from "node:fs";
import { join } from "node:path";
import { readProblem, solve, type Problem } from "@kestrelmoor/core";
import { test } from "@playwright/test";
import { report } from "./report";

interface Case {
  readonly family: string;
  readonly problem: unknown;
  readonly expect: { readonly value: string };
}

const FAMILIES = /^(lump-.*|rate-change-lump|buying-power)$/;
const ROUNDS = 2000;

function lumps(): { problem: Problem; exact: number }[] {
  const text = readFileSync(
    join(import.meta.dirname, "../../core/reference/problems.json"),
    "utf8",
  );
  return (JSON.parse(text) as Case[])
    .filter(({ family }) => FAMILIES.test(family))
    .map(({ problem, expect }) => {
      const read = readProblem(problem);
      if (!read.ok) throw new Error("The reference is not readable");
      return { problem: read.value, exact: Number(expect.value) };
    });
}

function timed(work: () => void): number {
  work();
  const began = performance.now();
  work();
  return performance.now() - began;
}

test("accuracy and speed of the core", () => {
  const cases = lumps();
  const errors = cases.map(({ problem, exact }) => {
    const solution = solve(problem);
    return solution.ok ? Math.abs(solution.value.answers[0].value / exact - 1) : Infinity;
  });
  report("lump sums of the reference: cases", cases.length);
  report("  worst relative error (target 1e-12)", Math.max(...errors).toExponential(1));

  let sink = 0;
  // What the sums cost without anything around them: one power and one logarithm each.
  const bare = timed(() => {
    for (let round = 0; round < ROUNDS; round += 1) {
      for (let index = 0; index < cases.length; index += 1) {
        sink += Math.exp(Math.log1p((round % 7) / 100) * index);
      }
    }
  });
  const solving = timed(() => {
    for (let round = 0; round < ROUNDS; round += 1) {
      for (const { problem } of cases) sink += solve(problem).ok ? 1 : 0;
    }
  });
  if (!Number.isFinite(sink)) throw new Error("The loop was not run");
  const each = (solving / (ROUNDS * cases.length)) * 1000;
  report(
    "solving one lump sum",
    `${each.toFixed(2)} µs, ${(solving / bare).toFixed(0)} × the bare loop`,
  );
});
