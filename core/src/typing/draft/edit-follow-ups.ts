import { LIMITS } from "../../engine/problem/limits";
import type { Draft, FollowUpLine } from "./draft";
import { collection, type WithoutId } from "./entries/collection";

export type FollowUpKind = Exclude<FollowUpLine["kind"], "kept">;

type NewLine = WithoutId<FollowUpLine>;

/** Follow-up questions of a problem. */
export const FOLLOW_UPS = collection<Draft, FollowUpLine>({
  stem: "also",
  most: LIMITS.followUps,
  in: ({ also }) => also,
});

/**
 * Adds a follow-up question, with nothing typed in it yet. Changes the draft in place.
 *
 * @param of for a total: the id of a flow, or all money "in" or "out"
 */
export function addFollowUp(draft: Draft, kind: FollowUpKind, of = "in"): FollowUpLine | null {
  return FOLLOW_UPS.add(draft, newLine(kind, of));
}

function newLine(kind: FollowUpKind, of: string): NewLine {
  switch (kind) {
    case "total":
      return { kind, of };
    case "balance":
    case "value":
      return { kind, at: "" };
    case "interest":
    case "principal":
      return { kind, over: "" };
  }
}

/** Types into the one field that a follow-up has. Changes the draft in place. */
export function writeFollowUpField(draft: Draft, id: string, text: string): void {
  FOLLOW_UPS.edit(draft, id, (line) => {
    if (line.kind === "balance" || line.kind === "value") line.at = text;
    else if (line.kind === "interest" || line.kind === "principal") line.over = text;
  });
}
