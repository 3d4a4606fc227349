/** Goes to a field and marks its text, so that typing replaces it. */
export function focusField(id: string): void {
  const field = document.getElementById(id);
  field?.focus();
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) field.select();
}

/** What has not been drawn by then will not be. */
const WAITS_MS = 3000;

/** Goes to a field that is being drawn, unless somebody goes elsewhere meanwhile. */
export function focusWhenDrawn(id: string): void {
  // What was edited just now is drawn after this.
  queueMicrotask(() => {
    if (document.getElementById(id) !== null) {
      focusField(id);
      return;
    }
    const left = untilSomebodyActs();
    const drawn = new MutationObserver(() => {
      if (document.getElementById(id) === null) return;
      drawn.disconnect();
      if (!left.signal.aborted) focusField(id);
    });
    drawn.observe(document.body, { childList: true, subtree: true });
    left.signal.addEventListener("abort", () => drawn.disconnect());
  });
}

/** The field that the menu that is closing leads to. */
let wanted: string | null = null;

/** Goes to a field from a menu, once that is closed: a menu that closes gives the focus away. */
export function focusAfterMenu(id: string): void {
  wanted = id;
}

/** Gives the focus of a menu that has closed to what was wanted of it, or else to its button. */
export function leaveMenu(button: HTMLElement | null): void {
  const id = wanted;
  wanted = null;
  const { activeElement } = document;
  const isInMenu = activeElement !== null && activeElement.closest("[role=menu]") !== null;
  // Unless something else was clicked.
  if (isInMenu || activeElement === document.body) button?.focus({ preventScroll: true });
  if (id === null) return;
  focusWhenDrawn(id);
  holdAgainstMenu(id);
}

/**
 * A menu takes the focus some frames after it opens; one that was left sooner takes it back from the field that it led
 * to, and on its way out gives it to nobody.
 */
function holdAgainstMenu(id: string): void {
  const { signal } = untilSomebodyActs();
  document.addEventListener(
    "focusin",
    ({ target }) => {
      // What has been typed since must not be marked, or the next key would replace it.
      if (target instanceof Element && target.closest("[role=menu]") !== null) {
        document.getElementById(id)?.focus();
      }
    },
    { signal },
  );
}

/** Ends with the next click, with the next Tab key, or after a while. */
function untilSomebodyActs(): AbortController {
  const acts = new AbortController();
  const { signal } = acts;
  const end = (event: Event) => {
    if (!(event instanceof KeyboardEvent) || event.key === "Tab") acts.abort();
  };
  for (const kind of ["pointerdown", "keydown"]) {
    addEventListener(kind, end, { capture: true, signal });
  }
  setTimeout(() => acts.abort(), WAITS_MS);
  return acts;
}
