import type { Draft } from "@kestrelmoor/core/typing";

/** Whether two drafts say the same. */
export function isSameText(one: Draft, other: Draft | null): boolean {
  return other !== null && canonical(one) === canonical(other);
}

/** The database orders the keys of what it keeps in its own way. */
function canonical(draft: Draft): string {
  return JSON.stringify(draft, (_, value: unknown) =>
    typeof value === "object" && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  );
}
