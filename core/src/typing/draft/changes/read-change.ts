import type { LoanChange } from "../../../engine/schedule/changes/change";
import { readGivenField, valueOf, type FieldReading } from "../field";
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
  const fields = Object.entries(typed).map(([field, { read, mayBeEmpty }]) => {
    const text = texts[field] ?? "";
    const reading: FieldReading<number | null> =
      mayBeEmpty === true && text.trim() === ""
        ? { state: "value", value: null }
        : readGivenField(text, (one) => read(one, payments));
    return [field, reading] as const;
  });
  const isRead = fields.every(([, { state }]) => state === "value");
  const figures = Object.fromEntries(
    fields.flatMap(([field, reading]) => {
      const figure = valueOf(reading);
      return figure === null ? [] : [[field, figure]];
    }),
  );
  const choices = Object.fromEntries(Object.keys(chosen).map((name) => [name, texts[name] ?? ""]));
  return {
    fields: Object.fromEntries(fields),
    change: isRead ? change(figures, choices, { texts, payments }) : null,
  };
}
