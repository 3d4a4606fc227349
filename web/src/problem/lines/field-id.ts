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

/** A menu that closes takes the focus back once, some time after it is gone; on a slow machine that is late. */
const LOOKS_AGAIN_MS = 60;
const MOST_LOOKS = 20;

/**
 * Goes to a field that is about to be drawn, from a menu that is about to close, and stays with it until
 * neither takes the focus away again. Wherever else somebody goes meanwhile, they are left alone.
 */
export function focusFieldSoon(id: string): void {
  let [looks, held] = [0, 0];
  const look = () => {
    const active = document.activeElement;
    const isElsewhere =
      active instanceof HTMLInputElement || active instanceof HTMLTextAreaElement
        ? active.id !== id
        : false;
    looks += 1;
    if (isElsewhere && held > 0) return;
    if (active?.id === id) held += 1;
    else focusField(id);
    if (held < 3 && looks < MOST_LOOKS) setTimeout(look, LOOKS_AGAIN_MS);
  };
  setTimeout(look, LOOKS_AGAIN_MS);
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
