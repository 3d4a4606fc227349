import {
  readEntry,
  type EntryField,
  type EntryReadings,
  type EntryTexts,
} from "../entries/entry-field";
import type { Desk } from "./desk";
import { DESK_FIELDS } from "./desk-fields";

/** The questions whose figures are read each by itself. */
export type AskedPart = keyof typeof DESK_FIELDS;

export type AskedReadings<Part extends AskedPart> = EntryReadings<(typeof DESK_FIELDS)[Part]>;

/** Reads the figures of one question. */
export function readAsked<Part extends AskedPart>(
  part: Part,
  texts: Desk[Part],
): AskedReadings<Part> {
  const fields: Readonly<Record<string, EntryField<unknown>>> = DESK_FIELDS[part];
  return readEntry(
    fields,
    texts as unknown as EntryTexts<typeof fields>,
    null,
  ) as AskedReadings<Part>;
}
