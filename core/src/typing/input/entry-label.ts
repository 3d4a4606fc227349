import { LIMITS } from "../../engine/problem/limits";

/**
 * The longest entry of a list that is read. Patterns that look for an end take time with the square of the length, and
 * arithmetic goes as deep as its brackets: an entry that nobody types must not stop the reader.
 */
const LONGEST_ENTRY = 400;

/** What an entry of a list is for, in quotation marks behind it: `out 5,000 "wax press"`. */
const LABEL = new RegExp(
  String.raw`\s*(?:"([^"]{0,${LIMITS.labelLength}})"|“([^”]{0,${LIMITS.labelLength}})”)\s*$`,
);

/** An entry without its label, and the label; empty where it has none. */
export interface LabelledEntry {
  readonly entry: string;
  readonly label: string;
}

export function labelledEntry(part: string): LabelledEntry {
  const match = isReadable(part) ? LABEL.exec(part) : null;
  if (match === null) return { entry: part, label: "" };
  return { entry: part.slice(0, match.index), label: (match[1] ?? match[2] ?? "").trim() };
}

/** Whether an entry is short enough to be read. */
export function isReadable(entry: string): boolean {
  return entry.length <= LONGEST_ENTRY;
}

/** A label as it is typed behind an entry; marks that would end it are left out. */
export function writeLabel(label: string | undefined): string {
  const text = (label ?? "").replace(/[\s"“”;]+/g, " ").trim();
  return text === "" ? "" : ` "${text}"`;
}

/** Something in quotation marks; another opening mark ends the search, or each would be looked for to the end. */
export const QUOTED = String.raw`"[^"\r\n]*"|“[^“”\r\n]*”`;

/** A label, or the mark of the unknown outside of one. */
const LABEL_OR_MARK = new RegExp(`${QUOTED}|[?？]+`, "g");

/** Whether one of the entries is the unknown; a question mark in a label is none. */
export function marksUnknown(text: string): boolean {
  return (text.match(LABEL_OR_MARK) ?? []).some((found) => /^[?？]/.test(found));
}

/** The text with a figure in the place of the unknown. */
export function withUnknown(text: string, figure: string): string {
  return text.replace(LABEL_OR_MARK, (found) => (/^[?？]/.test(found) ? figure : found));
}
