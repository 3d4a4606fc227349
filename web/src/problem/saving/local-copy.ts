import { parseDraft, type Draft } from "@kestrelmoor/core/typing";
import { browserStorage } from "../../ui/browser-storage";

/** What was typed and has not reached the server yet, kept in this browser. */
export interface LocalCopy {
  readonly draft: Draft;
  /** The version on the server that it was typed over. */
  readonly base: number;
}

const keyOf = (id: string) => `kestrelmoor-unsaved-${id}`;

export function readLocalCopy(id: string): LocalCopy | null {
  const text = browserStorage.read(keyOf(id));
  if (text === null) return null;
  try {
    const { draft, base } = JSON.parse(text) as { draft: unknown; base: unknown };
    const read = parseDraft(draft);
    return read.ok && typeof base === "number" ? { draft: read.value, base } : null;
  } catch {
    return null;
  }
}

export function writeLocalCopy(id: string, copy: LocalCopy): void {
  browserStorage.write(keyOf(id), JSON.stringify(copy));
}

export function dropLocalCopy(id: string): void {
  browserStorage.remove(keyOf(id));
}
