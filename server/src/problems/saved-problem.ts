import type { SavedProblem } from "@kestrelmoor/contract";
import { parseDraft, readParts, type Draft } from "@kestrelmoor/core/typing";
import { filesOf, type DraftFiles } from "./draft-files";
import type { ProblemFacts } from "./store";

/** A stored draft as it is shown: brought up to date, with the file that it makes up. */
export interface OpenedDraft {
  readonly draft: Draft;
  readonly files: DraftFiles;
}

const NO_FILES: DraftFiles = { problem: null, question: null };

/** A draft that a newer version wrote is given as it is: nothing of it may be lost. */
export function openDraft(stored: unknown): OpenedDraft {
  const read = parseDraft(stored);
  return read.ok
    ? { draft: read.value, files: filesIn(read.value) }
    : { draft: stored as Draft, files: NO_FILES };
}

/** A draft that stops its reader is shown all the same: one problem must not take a notebook along. */
function filesIn(draft: Draft): DraftFiles {
  try {
    return filesOf(draft, readParts(draft));
  } catch {
    return NO_FILES;
  }
}

/** A saved problem as the interface shows it. */
export function savedProblem(facts: ProblemFacts, { draft, files }: OpenedDraft): SavedProblem {
  return {
    id: facts.id,
    version: facts.version,
    title: facts.title,
    draft,
    ...files,
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
