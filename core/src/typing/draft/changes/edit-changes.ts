import type { Draft } from "../draft";
import { MOST_CHANGES } from "../draft-schedule";
import { collection, type WithoutId } from "../entries/collection";
import { firstTexts } from "../entries/entry-field";
import { kindOfChange, type ChangeChoice, type ChangeField, type ChangeLine } from "./change-kinds";

/** What is changed about the payments of a schedule. */
export const CHANGES = collection<Draft, ChangeLine>({
  stem: "change",
  most: MOST_CHANGES,
  in: ({ schedule }) => schedule.changes,
});

/** Adds a change of a stream's payments, with its amounts still to be typed. Changes the draft in place. */
export function addChange(draft: Draft, flow: string, kind: ChangeLine["kind"]): ChangeLine | null {
  const { typed, chosen } = kindOfChange(kind);
  const choices = Object.entries(chosen).map(([name, { options }]) => [name, options[0]]);
  const parts = { ...firstTexts(typed), ...(Object.fromEntries(choices) as object) };
  return CHANGES.add(draft, { kind, flow, ...parts } as WithoutId<ChangeLine>);
}

/** Types into a field of a change, or chooses; what it does not have is left alone. Changes the draft in place. */
export function writeInChange(
  draft: Draft,
  id: string,
  name: ChangeField | ChangeChoice,
  text: string,
): void {
  CHANGES.edit(draft, id, (line) => {
    const { typed, chosen } = kindOfChange(line.kind);
    const isOption = chosen[name]?.options.includes(text) === true;
    if (name in typed || isOption) Object.assign(line, { [name]: text });
  });
}
