import type { SolveReply } from "@kestrelmoor/contract";
import { solve } from "@kestrelmoor/core";
import { readProblemIn } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function solveReply(body: unknown): SolveReply {
  const solution = solve(readProblemIn(body));
  if (!solution.ok) throw unsolvable(solution.issues);
  const { unknown, answers, completeness, also, facts } = solution.value;
  return {
    unknown: { path: unknown.path },
    answers,
    completeness,
    also,
    facts,
  };
}
