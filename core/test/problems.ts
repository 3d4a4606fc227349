import type { Issue, Path } from "../src/engine/issues/issue";
import { readProblem } from "../src/engine/problem/problem-file";
import type { Problem } from "../src/engine/problem/schema";
import type { SolvedProblem } from "../src/engine/solve/solved-problem";
import { solve } from "../src/engine/solve/solve";

/** Problems in few words, for tests. */

export const single = (id: string, direction: "in" | "out", amount: unknown, at: unknown) => ({
  id,
  kind: "single",
  direction,
  amount,
  at,
});

export const stream = (
  id: string,
  direction: "in" | "out",
  amount: unknown,
  parts: object = {},
) => ({
  id,
  kind: "stream",
  direction,
  amount,
  every: "P1Y",
  count: 10,
  timing: "end",
  begins: "P0D",
  ...parts,
});

export const list = (id: string, amounts: readonly unknown[], parts: object = {}) => ({
  id,
  kind: "list",
  every: "P1Y",
  begins: "P0D",
  amounts,
  ...parts,
});

export const effective = (percent: unknown, from?: unknown) => ({
  percent,
  quoted: "effective",
  ...(from === undefined ? {} : { from }),
});

export function problemOf(parts: object): Problem {
  const read = readProblem({ format: "kestrelmoor-problem", version: 2, ...parts });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value;
}

export function solved(parts: object): SolvedProblem {
  const solution = solve(problemOf(parts));
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return solution.value;
}

export function whyNot(parts: object): Issue | null {
  const solution = solve(problemOf(parts));
  return solution.ok ? null : (solution.issues[0] ?? null);
}

/** The same problem with a figure put at a path. */
export function filled(problem: Problem, path: Path, figure: unknown): Problem {
  const copy = JSON.parse(JSON.stringify(problem)) as Record<string | number, unknown>;
  let place = copy;
  for (const key of path.slice(0, -1)) place = place[key] as typeof copy;
  place[path.at(-1) ?? ""] = figure;
  return copy as unknown as Problem;
}
