import { parseDraft, type Draft } from "@kestrelmoor/core/typing";
import { browserStorage } from "../../ui/browser-storage";
import { otherTabs, thisTab } from "./tab";

/** What was typed and has not reached the server yet, kept in this browser. */
export interface LocalCopy {
  readonly draft: Draft;
  /** The version on the server that it was typed over. */
  readonly base: number;
}

/** A copy that somebody may come back for, with the key under which it lies. */
export interface FoundCopy extends LocalCopy {
  readonly key: string;
  /** When it was typed, in milliseconds since 1970. */
  readonly at: number;
}

const BEGINNING = "kestrelmoor-unsaved-";
/** Older copies belong to no tab. */
const beginningOf = (id: string) => `${BEGINNING}${id}`;
const keyOf = (id: string) => `${beginningOf(id)}~${thisTab()}`;

/**
 * The copies of a problem that were left here: this tab's own first, then those of tabs that were closed, newest first.
 * Those of tabs that are still open are theirs.
 */
export async function findLocalCopies(id: string): Promise<FoundCopy[]> {
  const others = await otherTabs();
  return browserStorage
    .keys(beginningOf(id))
    .filter((key) => !others.has(key.split("~")[1] ?? ""))
    .flatMap((key) => readCopy(key) ?? [])
    .sort((one, other) => rank(other, id) - rank(one, id));
}

const rank = ({ key, at }: FoundCopy, id: string) => (key === keyOf(id) ? Infinity : at);

function readCopy(key: string): FoundCopy | null {
  try {
    const { draft, base, at } = JSON.parse(browserStorage.read(key) ?? "null") as Record<
      "draft" | "base" | "at",
      unknown
    >;
    const read = parseDraft(draft);
    return read.ok && typeof base === "number"
      ? { draft: read.value, base, key, at: typeof at === "number" ? at : 0 }
      : null;
  } catch {
    return null;
  }
}

/** @returns whether this browser keeps it */
export function writeLocalCopy(id: string, copy: LocalCopy): boolean {
  return browserStorage.write(keyOf(id), JSON.stringify({ ...copy, at: Date.now() }));
}

export function dropLocalCopy(id: string): void {
  browserStorage.remove(keyOf(id));
}

export function dropFoundCopy({ key }: FoundCopy): void {
  browserStorage.remove(key);
}

/** Whether this browser has changes of a problem that have not reached the server. */
export function hasLocalCopy(id: string): boolean {
  return browserStorage.keys(beginningOf(id)).length > 0;
}

/** Leaves nothing of what was typed in this browser. */
export function dropAllLocalCopies(): void {
  for (const key of browserStorage.keys(BEGINNING)) browserStorage.remove(key);
}
