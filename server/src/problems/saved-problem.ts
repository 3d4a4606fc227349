import type { SavedProblem } from "@kestrelmoor/contract";
import type { Problem } from "@kestrelmoor/core";
import { parseDraft, readDraft, type Draft } from "@kestrelmoor/core/typing";
import type { ProblemFacts } from "./store";

/** A stored draft as it is shown: brought up to date, with the problem file that it makes up. */
export interface OpenedDraft {
  readonly draft: Draft;
  readonly problem: Problem | null;
}

/** A draft that a newer version wrote is given as it is: nothing of it may be lost. */
export function openDraft(stored: unknown): OpenedDraft {
  const read = parseDraft(stored);
  return read.ok
    ? { draft: read.value, problem: problemOf(read.value) }
    : { draft: stored as Draft, problem: null };
}

/** A draft that stops its reader is shown all the same: one problem must not take a notebook along. */
function problemOf(draft: Draft): Problem | null {
  try {
    return readDraft(draft).problem;
  } catch {
    return null;
  }
}

/** A saved problem as the interface shows it. */
export function savedProblem(facts: ProblemFacts, { draft, problem }: OpenedDraft): SavedProblem {
  return {
    id: facts.id,
    version: facts.version,
    title: facts.title,
    draft,
    problem,
    createdAt: facts.createdAt.toISOString(),
    updatedAt: facts.updatedAt.toISOString(),
  };
}

/** The version as an entity tag: strong, for a save compares whole texts. */
export function entityTag(version: number): string {
  return `"${version}"`;
}

/** The version that an `If-Match` names; `null` where it names none that this server gave. */
export function versionIn(header: string): number | null {
  const match = /^\s*"?(\d{1,9})"?\s*$/.exec(header);
  return match === null ? null : Number(match[1]);
}
