import type { Schedule } from "@kestrelmoor/core";

/** How money and its movements are called in a schedule, which depends on whose they are. */
export interface ScheduleWords {
  readonly before: string;
  readonly after: string;
  readonly paid: string;
  readonly paidInAll: string;
  readonly interest: string;
  /** "1,000 is owed", "1,000 is there". */
  readonly isThere: string;
}

/** A loan, a fund that is drawn down, savings, or a debt that grows with what is received. */
export function scheduleWords({ kind, isOwed }: Pick<Schedule, "kind" | "isOwed">): ScheduleWords {
  const side = isOwed
    ? { before: "Owed before", after: "Owed after", isThere: "owed" }
    : { before: "There before", after: "There after", isThere: "there" };
  if (kind === "repaying") {
    return isOwed
      ? { ...side, paid: "Paid", paidInAll: "Paid in all", interest: "Interest paid" }
      : { ...side, paid: "Taken out", paidInAll: "Taken out", interest: "Interest earned" };
  }
  return isOwed
    ? { ...side, paid: "Received", paidInAll: "Received", interest: "Interest charged" }
    : { ...side, paid: "Put in", paidInAll: "Put in", interest: "Interest earned" };
}
