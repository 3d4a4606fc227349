import type { DatedAmount } from "../../../engine/flows/flow-kind";
import type { OtherProject } from "../draft";
import {
  readEntry,
  readEntryField,
  type EntryReadings,
  type EntryTexts,
} from "../entries/entry-field";
import { valueOf, type FieldReading } from "../field";
import { hasDates, JUDGING_FIELDS, PROJECT_FIELDS } from "./project-fields";

/** Reads the figures by which a project is judged; `null` where nothing is typed. */
export function readAppraisal(
  texts: EntryTexts<typeof JUDGING_FIELDS>,
): EntryReadings<typeof JUDGING_FIELDS> {
  return readEntry(JUDGING_FIELDS, texts, null);
}

/** What each field of another project says, and its flows once they can be read. */
export interface ProjectReading {
  /** ISO 8601; not used where the amounts have dates. */
  readonly every: FieldReading<string | null>;
  readonly amounts: FieldReading<readonly DatedAmount[] | null>;
  readonly isDated: boolean;
  readonly flows: readonly DatedAmount[] | null;
}

/** Reads another project: amounts one after the other from today on, or with their dates. */
export function readProject({
  every: typed,
  amounts: list,
}: Pick<OtherProject, "every" | "amounts">): ProjectReading {
  const isDated = hasDates(list);
  const every = readEntryField(PROJECT_FIELDS.every, typed, null);
  const spacing = valueOf(every);
  const amounts = readEntryField(PROJECT_FIELDS.amounts, list, spacing ?? "P1Y");
  const flows = spacing === null && !isDated ? null : valueOf(amounts);
  return { every, amounts, isDated, flows };
}
