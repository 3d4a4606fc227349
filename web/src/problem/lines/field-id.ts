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
const HOLDS_MS = 3000;

/** Where a menu leaves the focus: nowhere, in itself, or on the button that opened it. */
const LEFT_BY_MENU = ".ant-dropdown *, .ant-dropdown-trigger, body";

/**
 * Goes to a field that is about to be drawn, from a menu that is about to close, and holds it against that
 * menu. Wherever else somebody goes meanwhile, they are left alone.
 */
export function focusFieldSoon(id: string): void {
  const ends = performance.now() + HOLDS_MS;
  let isReached = false;
  const look = () => {
    const active = document.activeElement;
    if (active?.id === id) isReached = true;
    else if (active !== null && !active.matches(LEFT_BY_MENU)) return;
    // What has been typed since must not be marked, or the next key would replace it.
    else if (isReached) document.getElementById(id)?.focus();
    else focusField(id);
    if (!hasLeft && performance.now() < ends) setTimeout(look, LOOKS_AGAIN_MS);
  };
  let hasLeft = false;
  const going = new AbortController();
  const leave = (event: Event) => {
    if (event instanceof KeyboardEvent && event.key !== "Tab") return;
    hasLeft = true;
    going.abort();
  };
  for (const kind of ["pointerdown", "keydown"]) {
    addEventListener(kind, leave, { capture: true, signal: going.signal });
  }
  setTimeout(() => going.abort(), HOLDS_MS);
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
