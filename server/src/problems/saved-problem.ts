import type { SavedProblem } from "@kestrelmoor/contract";
import { readDraft } from "@kestrelmoor/core/typing";
import type { ProblemRow } from "./store";

/** A row as the interface shows it, with the problem file that the draft makes up. */
export function savedProblemOf(row: ProblemRow): SavedProblem {
  return {
    id: row.id,
    version: row.version,
    title: row.title,
    draft: row.draft,
    problem: readDraft(row.draft).problem,
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
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
