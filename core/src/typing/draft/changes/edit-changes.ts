import type { ChangeLine, Draft } from "../draft";
import { MOST_CHANGES } from "../draft-schedule";
import { freeId } from "../free-id";
import type { ChangeField } from "./read-change";

/** Adds a change of a stream's payments, with its amounts still to be typed. Changes the draft in place. */
export function addChange(draft: Draft, flow: string, kind: ChangeLine["kind"]): ChangeLine | null {
  const { changes } = draft.schedule;
  if (changes.length >= MOST_CHANGES) return null;
  const id = freeId(
    "change",
    changes.map((change) => change.id),
  );
  const line = newChange(kind, { id, flow });
  changes.push(line);
  return line;
}

function newChange(kind: ChangeLine["kind"], own: { id: string; flow: string }): ChangeLine {
  switch (kind) {
    case "extra":
      return { kind, ...own, amount: "", often: "payment", from: "1", to: "" };
    case "round-up":
      return { kind, ...own, multiple: "" };
    case "interest-only":
    case "holiday":
      return { kind, ...own, from: "1", lasts: "", then: "reset" };
    case "rate":
      return { kind, ...own, percent: "", from: "", then: "reset" };
    case "fee":
      return { kind, ...own, amount: "", paid: "at-once" };
    case "residual":
      return { kind, ...own, amount: "" };
  }
}

export function removeChange(draft: Draft, id: string): void {
  draft.schedule.changes = draft.schedule.changes.filter((change) => change.id !== id);
}

/** Types into a field of a change; one that it does not have is left alone. Changes the draft in place. */
export function writeChangeField(draft: Draft, id: string, field: ChangeField, text: string): void {
  const line = draft.schedule.changes.find((change) => change.id === id);
  if (line !== undefined && field in line) Object.assign(line, { [field]: text });
}

/** What can be chosen about a change. */
export type ChangeChoice = Partial<{
  often: "once" | "payment" | "year";
  then: "kept" | "reset";
  paid: "at-once" | "added";
}>;

/** Chooses something about a change. Changes the draft in place. */
export function chooseInChange(draft: Draft, id: string, choice: ChangeChoice): void {
  const line = draft.schedule.changes.find((change) => change.id === id);
  if (line === undefined) return;
  for (const [name, value] of Object.entries(choice)) {
    if (name in line) Object.assign(line, { [name]: value });
  }
}
