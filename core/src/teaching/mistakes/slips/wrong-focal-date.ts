import { isSameTime } from "../../../engine/numbers/compare";
import { isoYears } from "../../../engine/time/moment";
import { singlesOf, streamsOf, endOf, yearsAt } from "../parts-of-problem";
import { namedDates, nameOfDate } from "../../workings/compose/flow-names";
import type { Mistake, Slip } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["wrong-focal-date"];

/** The student moved the amounts to another date, which matters where interest is not compound. */
export const wrongFocalDate: Mistake = {
  code: "wrong-focal-date",
  nextTime: WORDS.nextTime,
  slips: ({ problem, solution }) => {
    const { focal, flows } = solution.settled;
    // A value that is asked for has its own date: see "wrong-date". Two amounts have the same answer at both.
    if (focal === null || problem.ask !== undefined) return [];
    const ends = streamsOf(problem).map(({ flow }) => endOf(problem, flow));
    const singles = singlesOf(problem).map(({ flow }) => yearsAt(problem, flow.at));
    const own = flows.flatMap((flow) => (flow.kind === "single" ? flow.at : []));
    const dates = [...new Set([0, ...ends, ...singles, ...own])].filter((date) => date !== null);
    return dates
      .filter((date) => !isSameTime(date, focal))
      .map((date): Slip => {
        const words =
          (years: number): Slip["done"] =>
          (format) =>
            nameOfDate(years, { format, dates: namedDates(problem) });
        return {
          done: (format) => WORDS.done(words(date)(format)),
          corrected: (format) => WORDS.corrected(words(focal)(format)),
          problem: { ...problem, focal: isoYears(date) },
        };
      });
  },
};
