import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import { labelledEntry } from "./entry-label";
import type { Names } from "./names";
import { readEntry, type ListedAmount } from "./read-amounts";

export interface DatedEntry {
  /** ISO 8601. */
  readonly on: string;
  readonly amount: ListedAmount;
  /** What it is for. */
  readonly label?: string | undefined;
}

const ENTRY = /^(\d{4}-\d{2}-\d{2})[\s:,]+(.+)$/;

/**
 * Reads amounts with their calendar dates, one a line or parted by semicolons:
 * `2027-03-01 out 1,000; 2027-09-15 300 "honey sold"`.
 *
 * @returns fails with `amounts-missing`, `too-many`, or `dated-not-understood` for an entry
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
    const [, on = "", text = ""] = ENTRY.exec(part) ?? [];
    const { entry, label } = labelledEntry(text);
    const amount = on === "" ? undefined : readEntry(entry, names);
    if (amount === undefined) {
      return fail(issue("dated-not-understood", [], { place: index + 1, at: part.slice(0, 40) }));
    }
    entries.push({ on, amount, ...(label === "" ? {} : { label }) });
  }
  return succeed(entries);
}
