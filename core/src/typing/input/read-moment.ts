import { issue } from "../../engine/issues/issue";
import type { Problem } from "../../engine/problem/schema";
import { fail, succeed, type Result } from "../../engine/result";
import { USUAL_DAY_COUNT } from "../../engine/time/day-count";
import { calendarOf } from "../../engine/problem/calendar-of";
import { namesOf, TEXTBOOK_TIMES, type TimesSaid } from "./names";
import { readPosition, type Moment } from "./read-position";

/** By what the times of a problem are read. A problem file has its dates in ISO 8601, which need no order. */
export function timesSaidIn(problem: Problem): TimesSaid {
  const { dayCount = USUAL_DAY_COUNT } = problem;
  return { ...TEXTBOOK_TIMES, calendar: calendarOf(problem), dayCount };
}

/**
 * Reads a time that stands by itself: `6 years`, `9 months ago`, `20 Sep 2027`, `90 days`.
 *
 * @returns fails as `readPosition` does where nothing has a name
 */
export function readMoment(typed: string, said: TimesSaid): Result<Moment> {
  const read = readPosition(typed, { ...NO_NAMES, ...said });
  if (!read.ok) return read;
  return "endOf" in read.value
    ? fail(issue("time-not-understood", [], { typed, at: typed }))
    : succeed(read.value);
}

const NO_NAMES = namesOf([]);
