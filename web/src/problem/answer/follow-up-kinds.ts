import { isDate } from "@kestrelmoor/core";
import type { FollowUpKind, FollowUpLine, FollowUpReading } from "@kestrelmoor/core/typing";

/** What each kind of follow-up is called where one is chosen, and how its own line begins. */
export const FOLLOW_UP_KINDS: Readonly<
  Record<Exclude<FollowUpKind, "total">, { readonly chosen: string; readonly begins: string }>
> = {
  balance: { chosen: "Balance after a time", begins: "Balance" },
  interest: { chosen: "Interest over a period", begins: "Interest in" },
  principal: { chosen: "Principal repaid over a period", begins: "Principal in" },
  value: { chosen: "Net value at a date", begins: "Net value" },
};

/** The words between the name of a follow-up and its field: "Balance after 5 years", but "Balance today". */
export function wordBefore(line: FollowUpLine, { field }: FollowUpReading): string {
  if (line.kind !== "balance" && line.kind !== "value") return "";
  if (field?.state !== "value") return "after";
  const said = field.value;
  if (!("moment" in said) || said.years <= 0) return "";
  return isDate(said.moment) ? "on" : "after";
}
