/**
 * This tab of the browser, by a name that a reload keeps, and which tabs are open. A text that was typed in another tab
 * belongs to that one while it is open.
 */

const KEY = "kestrelmoor-tab";

let name: string | null = null;

export function thisTab(): string {
  name ??= rememberedName() ?? newName();
  return name;
}

function rememberedName(): string | null {
  try {
    return sessionStorage.getItem(KEY);
  } catch {
    return null;
  }
}

function newName(): string {
  const made = crypto.getRandomValues(new Uint32Array(2)).join("-");
  try {
    sessionStorage.setItem(KEY, made);
  } catch {
    // Then it has another name after a reload.
  }
  return made;
}

let isClaimed = false;

/** The other tabs that are open; none where the browser cannot tell. From now on this one is seen by them. */
export async function otherTabs(): Promise<ReadonlySet<string>> {
  // Only over https, or on this machine.
  if (!("locks" in navigator)) return new Set();
  const open = await openTabs();
  if (!isClaimed) {
    isClaimed = true;
    // A tab that was duplicated has the name of the other one.
    if (open.has(thisTab())) name = newName();
    // Held until the tab is closed: it never resolves.
    void navigator.locks.request(`${KEY}-${thisTab()}`, () => new Promise(() => undefined));
  }
  return new Set([...open].filter((tab) => tab !== thisTab()));
}

async function openTabs(): Promise<Set<string>> {
  const { held = [] } = await navigator.locks.query();
  const names = held.map((lock) => lock.name ?? "");
  return new Set(
    names.flatMap((lock) => (lock.startsWith(`${KEY}-`) ? [lock.slice(KEY.length + 1)] : [])),
  );
}
