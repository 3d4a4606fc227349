import { isDate } from "@kestrelmoor/core";
import type { FieldReading, Moment } from "@kestrelmoor/core/typing";

/** The date that a time was said as, ISO 8601; `null` for other times. */
export function dateOfReading(reading: FieldReading<unknown>): string | null {
  const said = reading.state === "value" ? (reading.value as Partial<Moment>) : {};
  return said.moment !== undefined && isDate(said.moment) ? said.moment : null;
}
