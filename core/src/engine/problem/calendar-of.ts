import type { FlowOf, Problem } from "./schema";
import { USUAL_DAY_COUNT } from "../time/day-count";
import type { Calendar } from "../time/moment";

/**
 * What a problem counts its dates by: its own today, else the earliest first date of its dated flows, so that several
 * of them share one calendar.
 *
 * @returns `null` where it has neither, and so no dates
 */
export function calendarOf({ today, dayCount, flows }: CalendarParts): Calendar | null {
  const first = today ?? firstDate(flows);
  return first === undefined ? null : { today: first, dayCount: dayCount ?? USUAL_DAY_COUNT };
}

type CalendarParts = Pick<Problem, "today" | "dayCount" | "flows">;

function firstDate(flows: Problem["flows"]): string | undefined {
  const isDated = (flow: Problem["flows"][number]): flow is FlowOf<"dated"> =>
    flow.kind === "dated";
  // ISO 8601 dates sort as text.
  return flows
    .filter(isDated)
    .flatMap(({ entries }) => entries[0]?.on ?? [])
    .sort()[0];
}
