import type { ListedProblem } from "@kestrelmoor/contract";
import {
  BLANK_DRAFT,
  parseDraft,
  problemCard,
  readParts,
  type ProblemCard,
} from "@kestrelmoor/core/typing";
import type { ListedRow } from "./store";

/** A saved problem as a notebook lists it. */
export function listedProblem(row: ListedRow): ListedProblem {
  return {
    id: row.id,
    version: row.version,
    title: row.title,
    card: row.card ?? cardOf(row.draft),
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
    deletedAt: row.deletedAt?.toISOString() ?? null,
  };
}

/** Of a row that has none yet. One problem that cannot be read must not take a notebook along. */
function cardOf(stored: unknown): ProblemCard {
  const read = parseDraft(stored);
  try {
    if (read.ok) return problemCard(read.value, readParts(read.value));
  } catch {
    // It is told below.
  }
  return { draft: BLANK_DRAFT, told: "This problem cannot be read here. Open it to see why." };
}
