interface Shortcut {
  readonly keys: string;
  readonly does: string;
}

/** Whether this machine's shortcuts are made with Command. */
export const isApple = /Mac|iPhone|iPad/.test(navigator.platform);

const control = isApple ? "⌘" : "Ctrl";

export const SHORTCUTS: readonly Shortcut[] = [
  { keys: "?", does: "Make this field the unknown" },
  { keys: "Enter", does: "Next empty field" },
  { keys: "Alt+↓", does: "Explain this field or word" },
  { keys: "↑ ↓", does: "Time field: one month later or earlier (with Shift: one year)" },
  { keys: "Esc", does: "Restore the field" },
  { keys: `${control}+Z`, does: "Undo" },
  { keys: `${control}+Shift+Z`, does: "Redo" },
  { keys: "Shift+/", does: "Show these shortcuts (outside a field)" },
];

/** Whether a key press goes into text, where it must not be taken for a shortcut. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || target.matches("input, textarea, select, [role=combobox]"))
  );
}
