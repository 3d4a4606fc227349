import { momentOf } from "../../facts/moment";
import type { Mark } from "../../marks/mark";

/** The mark that says when, among some: a date of the calendar, "in 5 years", "9 months ago". */
export function whenIn(marks: readonly Mark[]): Mark | undefined {
  return marks.find(({ phrase, quantity }) => phrase?.kind === "when" || quantity?.is === "date");
}

/** What such a mark says, as a problem file has it. */
export function momentSaid(when: Mark): string | null {
  if (when.quantity?.is === "date") return when.quantity.iso;
  const { as, iso } = when.phrase ?? {};
  return as === "ago" && iso !== undefined ? `-${iso}` : momentOf(when);
}
