import { conventionsSchema, USUAL_CONVENTIONS, type Draft } from "@kestrelmoor/core/typing";
import { ownChoice } from "../../ui/own-choice";

/** The conventions of this person's course, for new problems; kept in this browser. */
export const useOwnConventions = ownChoice("kestrelmoor-conventions", conventionsSchema, {
  ...USUAL_CONVENTIONS,
  dateOrder: orderOfLocale(),
});

/** Whether the month comes first in a date, as this browser writes it. */
function orderOfLocale(): Draft["conventions"]["dateOrder"] {
  const parts = new Intl.DateTimeFormat().formatToParts(new Date(2027, 8, 20));
  const first = parts.find(({ type }) => type === "day" || type === "month");
  return first?.type === "month" ? "month-first" : "day-first";
}

/** A new problem with the conventions of this person's course. */
export function withOwnConventions(draft: Draft): Draft {
  const conventions = useOwnConventions.getState().own;
  return { ...draft, conventions, later: draft.later.map((part) => ({ ...part, conventions })) };
}
