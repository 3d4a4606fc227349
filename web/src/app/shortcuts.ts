interface Shortcut {
  readonly keys: string;
  readonly does: string;
}

/** Whether this machine's shortcuts are made with Command. */
export const isApple = /Mac|iPhone|iPad/.test(navigator.platform);

const control = isApple ? "⌘" : "Ctrl";

export const SHORTCUTS: readonly Shortcut[] = [
  { keys: "?", does: "In a field: make it the unknown" },
  { keys: "Enter", does: "In a field: go on to the next" },
  { keys: "Alt+↓", does: "In a field or on a word: explain it" },
  { keys: "↑ ↓", does: "In a time: a month later or earlier; with Shift a year" },
  { keys: "Esc", does: "In a field: put back what was there" },
  { keys: `${control}+Z`, does: "Undo" },
  { keys: `${control}+Shift+Z`, does: "Redo" },
  { keys: "Shift+/", does: "Outside a field: show these shortcuts" },
];

/** Whether a key press goes into text, where it must not be taken for a shortcut. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || target.matches("input, textarea, select, [role=combobox]"))
  );
}
