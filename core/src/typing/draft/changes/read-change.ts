import type { LoanChange } from "../../../engine/schedule/changes/change";
import { readEntry } from "../entries/entry-field";
import { valueOf, type FieldReading } from "../field";
import {
  kindOfChange,
  type ChangedPayments,
  type ChangeField,
  type ChangeLine,
} from "./change-kinds";

/** What each field of a change says, and the change once all of them say something. */
export interface ChangeReading {
  /** `null` for what may be left out, and is. */
  readonly fields: Partial<Readonly<Record<ChangeField, FieldReading<number | null>>>>;
  readonly change: LoanChange | null;
}

/** Reads one line that changes a schedule. */
export function readChange(line: ChangeLine, payments: ChangedPayments): ChangeReading {
  const { typed, chosen, change } = kindOfChange(line.kind);
  const texts = line as unknown as Readonly<Record<string, string>>;
  const fields = readEntry(typed, texts, payments);
  const isRead = Object.values(fields).every(({ state }) => state === "value");
  const figures = Object.fromEntries(
    Object.entries(fields).flatMap(([field, reading]) => {
      const figure = valueOf(reading);
      return figure === null ? [] : [[field, figure]];
    }),
  );
  const choices = Object.fromEntries(Object.keys(chosen).map((name) => [name, texts[name] ?? ""]));
  return {
    fields,
    change: isRead ? change(figures, choices, { texts, payments }) : null,
  };
}
