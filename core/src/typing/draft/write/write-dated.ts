import { writeLabel } from "../../input/entry-label";
import type { Names } from "../../input/names";
import type { DatedEntry } from "../../input/read-dated";
import { writeEntry } from "./write-amounts";

/** Dated amounts as somebody would have typed them. */
export function writeDated(entries: readonly DatedEntry[], names: Names): string {
  return entries
    .map(({ on, amount, label }) => `${on} ${writeEntry(amount, names)}${writeLabel(label)}`)
    .join("; ");
}
