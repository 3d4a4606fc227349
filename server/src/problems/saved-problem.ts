import type { SavedProblem } from "@kestrelmoor/contract";
import { parseDraft, readDraft, type Draft } from "@kestrelmoor/core/typing";
import type { ProblemRow } from "./store";

/**
 * A row as the interface shows it, its draft brought up to date, with the problem file that it makes up.
 * A draft that a newer version wrote is given as it is: nothing of it may be lost.
 */
export function savedProblemOf(row: ProblemRow): SavedProblem {
  const read = parseDraft(row.draft);
  const draft = read.ok ? read.value : (row.draft as Draft);
  return {
    id: row.id,
    version: row.version,
    title: row.title,
    draft,
    problem: read.ok ? problemOf(draft) : null,
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
  };
}

/** A draft that stops its reader is shown all the same: one problem must not take a notebook along. */
function problemOf(draft: Draft): SavedProblem["problem"] {
  try {
    return readDraft(draft).problem;
  } catch {
    return null;
  }
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
