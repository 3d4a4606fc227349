import { readFileSync } from "node:fs";
import { join } from "node:path";
import type { Problem } from "@kestrelmoor/core";
import type { Subject } from "@kestrelmoor/core/teaching";
import type { Core } from "./core-bundle";

/** A row of numbers that looks like chance and is the same in every run. */
export function chanceFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}

interface Case {
  readonly problem: Problem;
}

/** Problems of all families of the reference with other amounts and rates, as questions have them. */
export function variedProblems(core: Core, wanted: number, chance: () => number): Subject[] {
  const file = join(import.meta.dirname, "../../core/reference/problems.json");
  const cases = JSON.parse(readFileSync(file, "utf8")) as Case[];
  const usual = cases.filter(({ problem }) => isUsual(problem));
  const subjects: Subject[] = [];
  for (let index = 0; subjects.length < wanted; index += 1) {
    const own = usual[index % usual.length];
    const subject = own === undefined ? null : subjectOf(core, varied(own.problem, chance));
    if (subject !== null) subjects.push(subject);
  }
  return subjects;
}

/** Rates and sizes as they stand in questions; the extremes of the reference are for the engine alone. */
function isUsual({ rates }: Problem): boolean {
  return rates.every(
    ({ percent }) => typeof percent !== "number" || (percent > 0.3 && percent < 30),
  );
}

function varied(problem: Problem, chance: () => number): Problem {
  const amount = (value: number) => Math.round(value * (0.6 + 1.1 * chance()) * 100) / 100;
  const percent = (value: number) => Math.round(value * (0.7 + 0.7 * chance()) * 100) / 100;
  return {
    ...problem,
    rates: problem.rates.map((rate) =>
      typeof rate.percent === "number" ? { ...rate, percent: percent(rate.percent) } : rate,
    ),
    flows: problem.flows.map((flow) =>
      "amount" in flow && typeof flow.amount === "number"
        ? { ...flow, amount: amount(flow.amount) }
        : flow,
    ),
  };
}

export function subjectOf(core: Core, raw: unknown): Subject | null {
  const problem = core.readProblem(raw);
  if (!problem.ok) return null;
  const solution = core.solve(problem.value);
  if (!solution.ok) return null;
  const [{ value, unit }] = solution.value.answers;
  if (Math.abs(value) < 0.5 || Math.abs(value) > 1e9) return null;
  return {
    problem: problem.value,
    unknown: solution.value.unknown,
    unit,
    answer: value,
    asked: null,
    solution: solution.value,
  };
}
