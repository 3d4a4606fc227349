import { LIMITS } from "../../engine/problem/limits";
import type { Draft, FollowUpLine } from "./draft";
import { freeId } from "./free-id";

export type FollowUpKind = Exclude<FollowUpLine["kind"], "kept">;

/**
 * Adds a follow-up question, with nothing typed in it yet. Changes the draft in place.
 *
 * @param of for a total: the id of a flow, or all money "in" or "out"
 */
export function addFollowUp(draft: Draft, kind: FollowUpKind, of = "in"): FollowUpLine | null {
  if (draft.also.length >= LIMITS.followUps) return null;
  const id = freeId(
    "also",
    draft.also.map((line) => line.id),
  );
  const line = newLine(kind, id, of);
  draft.also.push(line);
  return line;
}

function newLine(kind: FollowUpKind, id: string, of: string): FollowUpLine {
  switch (kind) {
    case "total":
      return { kind, id, of };
    case "balance":
    case "value":
      return { kind, id, at: "" };
    case "interest":
    case "principal":
      return { kind, id, over: "" };
  }
}

export function removeFollowUp(draft: Draft, id: string): void {
  draft.also = draft.also.filter((line) => line.id !== id);
}

/** Types into the one field that a follow-up has. Changes the draft in place. */
export function writeFollowUpField(draft: Draft, id: string, text: string): void {
  const line = draft.also.find((candidate) => candidate.id === id);
  if (line?.kind === "balance" || line?.kind === "value") line.at = text;
  else if (line?.kind === "interest" || line?.kind === "principal") line.over = text;
}
