import type { Draft } from "../draft";
import { MOST_CHANGES } from "../draft-schedule";
import { freeId } from "../free-id";
import { kindOfChange, type ChangeChoice, type ChangeField, type ChangeLine } from "./change-kinds";

/** Adds a change of a stream's payments, with its amounts still to be typed. Changes the draft in place. */
export function addChange(draft: Draft, flow: string, kind: ChangeLine["kind"]): ChangeLine | null {
  const { changes } = draft.schedule;
  if (changes.length >= MOST_CHANGES) return null;
  const id = freeId(
    "change",
    changes.map((change) => change.id),
  );
  const { typed, chosen } = kindOfChange(kind);
  const texts = Object.entries(typed).map(([field, { first }]) => [field, first]);
  const choices = Object.entries(chosen).map(([name, { options }]) => [name, options[0]]);
  const parts = Object.fromEntries([...texts, ...choices]) as object;
  const line = { kind, id, flow, ...parts } as ChangeLine;
  changes.push(line);
  return line;
}

export function removeChange(draft: Draft, id: string): void {
  draft.schedule.changes = draft.schedule.changes.filter((change) => change.id !== id);
}

/** Types into a field of a change, or chooses; what it does not have is left alone. Changes the draft in place. */
export function writeInChange(
  draft: Draft,
  id: string,
  name: ChangeField | ChangeChoice,
  text: string,
): void {
  const line = draft.schedule.changes.find((change) => change.id === id);
  if (line === undefined) return;
  const { typed, chosen } = kindOfChange(line.kind);
  const isOption = chosen[name]?.options.includes(text) === true;
  if (name in typed || isOption) Object.assign(line, { [name]: text });
}
