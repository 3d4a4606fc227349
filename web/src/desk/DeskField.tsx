import type { FieldReading } from "@kestrelmoor/core/typing";
import { fieldId } from "../problem/lines/field-id";
import { TypedField } from "../problem/lines/TypedField";

interface DeskFieldProps {
  /** Which field of the page it is. */
  readonly field: string;
  readonly name: string;
  readonly text: string;
  readonly hint: string;
  readonly reading: FieldReading<unknown>;
  readonly onType: (text: string) => void;
}

/** A figure in a sentence of a page that has no problem: nothing on it can be the unknown. */
export function DeskField({ field, ...props }: DeskFieldProps) {
  return <TypedField id={fieldId("desk", field)} isKnown {...props} />;
}
