import {
  solve,
  type Problem,
  type Result,
  type Solution,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { readDraft, type Draft, type DraftReading } from "@kestrelmoor/core/typing";
import { replaceEqualDeep } from "@tanstack/react-query";

/** What the draft comes to: always of the draft beside it, worked out with every change. */
export interface Outcome {
  readonly reading: DraftReading;
  readonly problem: Problem | null;
  /** `null` while the draft is not a problem yet. */
  readonly result: Result<SolvedProblem> | null;
  /** The problem with its answer; `null` while there is none. */
  readonly solved: SolvedProblem | null;
}

export function outcomeOf(draft: Draft): Outcome {
  const reading = readDraft(draft);
  const { problem } = reading;
  return { reading, problem, ...resultOf(problem === null ? null : solve(problem)) };
}

/**
 * What the next draft comes to. What stays the same keeps its identity, so that only the lines that change are drawn
 * anew; and what asks the same is not solved again.
 */
export function outcomeAfter(before: Outcome, draft: Draft): Outcome {
  const reading = replaceEqualDeep(before.reading, readDraft(draft));
  const { problem } = reading;
  const result =
    problem !== null && before.problem !== null && asksTheSame(before.problem, problem)
      ? before.result
      : steady(before.result, problem === null ? null : solve(problem));
  return { reading, problem, ...resultOf(result) };
}

function resultOf(result: Outcome["result"]): Pick<Outcome, "result" | "solved"> {
  return { result, solved: result?.ok === true ? result.value : null };
}

/** What changes nothing about the answer. All else does, also a field that a later version adds. */
const BESIDE_THE_ANSWER: ReadonlySet<string> = new Set<keyof Problem>(["title", "question"]);

/** Equal parts have one identity by now. */
function asksTheSame(one: Problem, other: Problem): boolean {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]) as Set<keyof Problem>;
  return [...keys].every((key) => BESIDE_THE_ANSWER.has(key) || one[key] === other[key]);
}

/** Of a solved problem only what is shown is compared; the rest is made of the same figures. */
function steady(before: Outcome["result"], next: Outcome["result"]): Outcome["result"] {
  if (before?.ok !== true || next?.ok !== true) return replaceEqualDeep(before, next);
  return {
    ok: true,
    value: { ...next.value, ...replaceEqualDeep(shownOf(before.value), shownOf(next.value)) },
  };
}

function shownOf(solved: SolvedProblem): Solution {
  const { unknown, answers, completeness, also, facts, settled, paid } = solved;
  return { unknown, answers, completeness, also, facts, settled, paid };
}
