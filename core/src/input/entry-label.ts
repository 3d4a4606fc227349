import { LIMITS } from "../problem/limits";

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
  const match = LABEL.exec(part);
  if (match === null) return { entry: part, label: "" };
  return { entry: part.slice(0, match.index), label: (match[1] ?? match[2] ?? "").trim() };
}

/** A label as it is typed behind an entry; marks that would end it are left out. */
export function writeLabel(label: string | undefined): string {
  const text = (label ?? "").replace(/[\s"“”;]+/g, " ").trim();
  return text === "" ? "" : ` "${text}"`;
}

/** A label, or the mark of the unknown outside of one. */
const LABEL_OR_MARK = /"[^"\r\n]*"|“[^”\r\n]*”|[?？]+/g;

/** Whether one of the entries is the unknown; a question mark in a label is none. */
export function marksUnknown(text: string): boolean {
  return (text.match(LABEL_OR_MARK) ?? []).some((found) => /^[?？]/.test(found));
}

/** The text with a figure in the place of the unknown. */
export function withUnknown(text: string, figure: string): string {
  return text.replace(LABEL_OR_MARK, (found) => (/^[?？]/.test(found) ? figure : found));
}
