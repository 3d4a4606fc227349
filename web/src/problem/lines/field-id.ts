import { focusField } from "../../ui/focus";

/** The page's id of a line's field, by which the timeline and the answer find it. */
export function fieldId(lineId: string, field: string): string {
  return `field-${lineId}-${field}`;
}

/** Goes to the first field that nothing is typed in yet. */
export function focusFirstEmptyField(): void {
  const fields = [
    ...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("[data-field]"),
  ];
  const empty = fields.find(({ value }) => value === "");
  if (empty !== undefined) focusField(empty.id);
}

/**
 * Goes from a field to the next empty one in reading order, round the end to the first; where none is empty to the
 * next one, and from the last one nowhere.
 */
export function focusNextField(from: HTMLElement): void {
  const fields = [
    ...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("[data-field]"),
  ];
  const place = fields.findIndex((field) => field === from);
  const later = [...fields.slice(place + 1), ...fields.slice(0, place)];
  const next = later.find(({ value }) => value === "") ?? fields[place + 1];
  if (next !== undefined) focusField(next.id);
}
