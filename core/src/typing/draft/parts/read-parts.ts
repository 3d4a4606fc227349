import type { Problem } from "../../../engine/problem/schema";
import type { Result } from "../../../engine/result";
import { solve } from "../../../engine/solve/solve";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import type { Draft } from "../draft";
import { readDraft } from "../read-draft";
import { takeUpBefore, type EarlierPart, type PartPlace } from "./earlier-parts";
import { labelsOf, partsOf } from "./part-drafts";

/** A part of a question as it was read, with its answer where it has one. */
export interface PartReading extends EarlierPart {
  readonly problem: Problem | null;
  /** `null` while it is no problem yet. */
  readonly result: Result<SolvedProblem> | null;
  readonly place: PartPlace;
}

/** Reads the parts of a question in their order and solves each, with the answers of those before it put in. */
export function readParts(whole: Draft): PartReading[] {
  const labels = labelsOf(whole);
  const parts: PartReading[] = [];
  for (const draft of partsOf(whole)) {
    parts.push(readPart(draft, { label: draft.part.label, labels, before: [...parts] }));
  }
  return parts;
}

/** Reads one part by itself. @param draft see `partsOf` */
export function readPart(draft: Draft, place: PartPlace): PartReading {
  const uses = new Set<string>();
  const takeUp = takeUpBefore(place, uses);
  const reading = readDraft(draft, takeUp);
  const { problem } = reading;
  const result = problem === null ? null : solve(problem);
  const solved = result?.ok === true ? result.value : null;
  return { draft, reading, problem, result, solved, takeUp, place, uses };
}
