import type { Problem } from "../../../engine/problem/schema";
import { timesOf } from "../../../engine/problem/problem-times";
import { DAY_COUNTS } from "../../../engine/time/day-count";
import { isDate, isoYears } from "../../../engine/time/moment";
import { calendarOf } from "../../../engine/problem/calendar-of";
import { dayCountWords } from "../../../wording/day-count-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import { singlesOf, withFlow, yearsAt } from "../parts-of-problem";

const WORDS = MISTAKE_WORDS["wrong-days-in-year"];

/** The student counted the days between dates, or those of a year, by another rule. */
export const wrongDaysInYear: Mistake = {
  code: "wrong-days-in-year",
  nextTime: WORDS.nextTime,
  slips: (subject) => [...betweenDates(subject), ...ofLengths(subject)],
};

function betweenDates({ problem }: Subject): Slip[] {
  const calendar = calendarOf(problem);
  const hasDates =
    timesOf(problem).some(({ time }) => isDate(time)) ||
    problem.flows.some(({ kind }) => kind === "dated");
  if (calendar === null || !hasDates) return [];
  return DAY_COUNTS.filter((other) => other !== calendar.dayCount).map((dayCount) => ({
    done: () => WORDS.done(dayCountWords(dayCount)),
    corrected: () => WORDS.corrected(dayCountWords(calendar.dayCount)),
    problem: { ...problem, dayCount },
  }));
}

/** A time of so many days over 360 of them. */
function ofLengths({ problem }: Subject): Slip[] {
  const inDays = singlesOf(problem).filter(
    ({ flow }) => typeof flow.at === "string" && /^-?P\d+D$/.test(flow.at) && flow.at !== "P0D",
  );
  if (inDays.length === 0) return [];
  const changed = inDays.reduce<Problem>(
    (before, { index, flow }) =>
      withFlow(before, index, {
        ...flow,
        at: isoYears(((yearsAt(problem, flow.at) ?? 0) * 365) / 360),
      }),
    problem,
  );
  return [
    {
      done: () => WORDS.done(dayCountWords("actual/360")),
      corrected: () => WORDS.corrected(dayCountWords("actual/365")),
      problem: changed,
    },
  ];
}
