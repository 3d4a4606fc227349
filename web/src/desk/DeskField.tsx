import type { EntryField, FieldReading } from "@kestrelmoor/core/typing";
import { fieldId } from "../problem/lines/field-id";
import { TypedField } from "../problem/lines/TypedField";

interface DeskFieldProps {
  /** Which field of the page it is. */
  readonly id: string;
  readonly field: Pick<EntryField<unknown>, "label" | "hint">;
  readonly text: string;
  readonly reading: FieldReading<unknown>;
  readonly onType: (text: string) => void;
}

/** A figure in a sentence of a page that has no problem: nothing on it can be the unknown. */
export function DeskField({ id, field: { label, hint }, ...props }: DeskFieldProps) {
  return <TypedField id={fieldId("desk", id)} name={label} hint={hint} isKnown {...props} />;
}
