import { MOST_SCHEDULE_ROWS, scheduleOptions, type ScheduleReply } from "@kestrelmoor/contract";
import { effectiveYearlyPercent, runSchedule } from "@kestrelmoor/core";
import { readAboutProblem } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function scheduleReply(body: unknown): ScheduleReply {
  const { problem, asked } = readAboutProblem(scheduleOptions, body);
  const found = runSchedule(problem, asked, MOST_SCHEDULE_ROWS);
  if (!found.ok) throw unsolvable(found.issues);
  const effective = effectiveYearlyPercent(found.value);
  return { ...found.value.schedule, effectiveYearlyPercent: effective };
}
