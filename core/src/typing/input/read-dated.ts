import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import { labelledEntry } from "./entry-label";
import type { Names } from "./names";
import { readLeadingDate } from "./read-date";
import { readEntry, type ListedAmount } from "./read-amounts";

export interface DatedEntry {
  /** ISO 8601. */
  readonly on: string;
  readonly amount: ListedAmount;
  /** What it is for. */
  readonly label?: string | undefined;
}

/**
 * Reads amounts with their calendar dates, one a line or parted by semicolons:
 * `2027-03-01 out 1,000; 15 Sep 2027: 300 "honey sold"`.
 *
 * @returns fails with `amounts-missing`, `too-many`, or, for an entry, `dated-not-understood` and as `readLeadingDate`
 *   does
 */
export function readDated(typed: string, names: Names): Result<DatedEntry[]> {
  const parts = typed
    .split(/[;\r\n]+/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  if (parts.length === 0) return fail(issue("amounts-missing", [], {}));
  if (parts.length > LIMITS.listAmounts) {
    return fail(issue("too-many", [], { limit: LIMITS.listAmounts }));
  }
  const entries: DatedEntry[] = [];
  for (const [index, part] of parts.entries()) {
    const date = readLeadingDate(part, names.dateOrder);
    if (date?.ok === false) return date;
    const { entry, label } = labelledEntry(date?.value.rest.replace(/^[\s:,]+/, "") ?? "");
    const taken = names.takeUp(entry, "money");
    if (!taken.ok) return taken;
    const amount = date === null ? undefined : readEntry(taken.value, names);
    if (date === null || amount === undefined) {
      return fail(issue("dated-not-understood", [], { place: index + 1, at: part.slice(0, 40) }));
    }
    entries.push({ on: date.value.on, amount, ...(label === "" ? {} : { label }) });
  }
  return succeed(entries);
}
