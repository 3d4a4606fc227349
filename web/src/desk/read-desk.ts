import type { Issue, Result } from "@kestrelmoor/core";
import type { FieldReading } from "@kestrelmoor/core/typing";

/** A field's reading from what a reader says of its text. */
export function readingOf<Value>(result: Result<Value>): FieldReading<Value> {
  if (result.ok) return { state: "value", value: result.value };
  const issue: Issue = result.issues[0] ?? { code: "money-missing", path: [] };
  return { state: "issue", issue };
}

export function valueOf<Value>(reading: FieldReading<Value>): Value | null {
  return reading.state === "value" ? reading.value : null;
}
