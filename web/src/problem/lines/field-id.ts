/** The page's id of a line's field, by which the timeline and the answer find it. */
export function fieldId(lineId: string, field: string): string {
  return `field-${lineId}-${field}`;
}

/** Goes to a field and marks its text, so that typing replaces it. */
export function focusField(id: string): void {
  const field = document.getElementById(id);
  if (!(field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) return;
  field.focus();
  field.select();
}

/** Goes to the first field that nothing is typed in yet. */
export function focusFirstEmptyField(): void {
  const fields = [
    ...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("[data-field]"),
  ];
  const empty = fields.find(({ value }) => value === "");
  if (empty !== undefined) focusField(empty.id);
}

/** Goes from a field to the next one in reading order; from the last one nowhere. */
export function focusNextField(from: HTMLElement): void {
  const fields = [...document.querySelectorAll<HTMLElement>("[data-field]")];
  const next = fields[fields.indexOf(from) + 1];
  if (next !== undefined) focusField(next.id);
}
