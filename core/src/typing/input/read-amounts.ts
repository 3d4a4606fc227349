import { issue, type Issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import type { Names } from "./names";
import { isReadable, labelledEntry, QUOTED } from "./entry-label";
import { readAmount, type SaidAmount } from "./read-amount";
import { isUnknownMark } from "./unknown-mark";

/** One amount of a list: above zero comes in, below zero goes out; `null` is the unknown. */
export type ListedAmount = SaidAmount | null;

const REPEATED = /^(.+?)\s*[x×]\s*(\d{1,4})$/i;
const DIRECTED = /^(in|out|[-−–+])\s*(.+)$/i;
const IN_BRACKETS = /^\(\s*([^()]+?)\s*\)$/;

/**
 * Reads amounts one after the other: `out 1,000; 300 x 3; ?`, or a column or row pasted from elsewhere.
 * They are parted by semicolons, tabs, lines, or commas with a space after them. An amount comes in
 * unless it says `out`, or stands with a minus or in brackets as other programs write it; `x 3` has it
 * three times; what stands in quotation marks behind it says what it is for: see `labelsIn`.
 *
 * @returns one entry for each amount. Fails with `amounts-missing`, `too-many`, as `takeUp` does, or for each entry
 *   that cannot be read with `entry-not-understood`
 */
export function readAmounts(typed: string, names: Names): Result<ListedAmount[]> {
  const entries = entriesIn(typed);
  if (entries.length === 0) return fail(issue("amounts-missing", [], {}));
  const amounts: ListedAmount[] = [];
  for (const [index, part] of entries.entries()) {
    const { entry } = labelledEntry(part);
    const { once, times } = repeatedEntry(entry);
    const taken = names.takeUp(once, "money");
    if (!taken.ok) return taken;
    const read = readEntry(taken.value, names);
    if (read === undefined) {
      return fail(issue("entry-not-understood", [], { place: index + 1, at: entry.slice(0, 40) }));
    }
    for (let count = times; count > 0; count -= 1) amounts.push(read);
    if (amounts.length > LIMITS.listAmounts) return fail(tooMany);
  }
  return amounts.length === 0 ? fail(issue("amounts-missing", [], {})) : succeed(amounts);
}

const tooMany: Issue = issue("too-many", [], { limit: LIMITS.listAmounts });

/** What each amount of such a text is for; empty where nothing is said. */
export function labelsIn(typed: string): string[] {
  return entriesIn(typed).flatMap((part) => {
    const { entry, label } = labelledEntry(part);
    return Array<string>(repeatedEntry(entry).times).fill(label);
  });
}

/** An entry without its `x 3`, and how often it is meant. */
export function repeatedEntry(entry: string): { readonly once: string; readonly times: number } {
  const [, once = entry, times = "1"] = (isReadable(entry) ? REPEATED.exec(entry) : null) ?? [];
  return { once, times: Number(times) };
}

/** What stands in quotation marks, anything but a separator, or a comma inside a figure. */
const PART = new RegExp(String.raw`(?:${QUOTED}|[^;\t\r\n,]|,(?!\s))+`, "g");

/** The parts of a text that holds several things; empty ones between two separators are left out. */
export function entriesIn(typed: string): string[] {
  return (typed.match(PART) ?? []).map((part) => part.trim()).filter((part) => part !== "");
}

/** @returns `undefined` where the text cannot be read */
export function readEntry(text: string, names: Names): ListedAmount | undefined {
  if (!isReadable(text)) return undefined;
  if (isUnknownMark(text)) return null;
  const [, sign = "", figure = text] = DIRECTED.exec(text) ?? [];
  const [, bracketed] = IN_BRACKETS.exec(figure) ?? [];
  const read = readAmount(bracketed ?? figure, names);
  if (!read.ok) return undefined;
  const isOut = /^(?:out|[-−–])$/i.test(sign) || bracketed !== undefined;
  if (!isOut) return read.value;
  return typeof read.value === "number" ? 0 - read.value : undefined;
}
