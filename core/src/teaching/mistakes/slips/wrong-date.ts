import { isoYears } from "../../../engine/time/moment";
import { formatYears } from "../../../wording/format-time";
import { endOf, singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Problem } from "../../../engine/problem/schema";
import type { Mistake, Slip, Subject } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { AnswerFormat } from "../../../wording/answer-format";
import { isSameTime } from "../../../engine/numbers/compare";

const WORDS = MISTAKE_WORDS["wrong-date"];

/** The student found the value at another date. */
export const wrongDate: Mistake = {
  code: "wrong-date",
  nextTime: WORDS.nextTime,
  slips: (subject) => {
    const asked = askedAt(subject);
    if (asked === null) return [];
    return datesOf(subject.problem)
      .filter((date) => !isSameTime(date, asked.years))
      .map((date): Slip => ({
        done: (format) => WORDS.done(dateWords(date, format)),
        corrected: (format) => WORDS.corrected(dateWords(asked.years, format), asked.years > date),
        problem: asked.at(date),
      }));
  },
};

function dateWords(years: number, format: AnswerFormat): string {
  return years === 0 ? "today" : `after ${formatYears(years, format, 4)}`;
}

interface Asked {
  readonly years: number;
  readonly at: (years: number) => Problem;
}

/** The date of the unknown, if the unknown is one amount or a net value. */
function askedAt(subject: Subject): Asked | null {
  const { problem, unknown } = subject;
  if (unknown.kind === "value" && problem.ask !== undefined) {
    const { ask } = problem;
    const years = yearsAt(problem, ask.at);
    return years === null
      ? null
      : { years, at: (date) => ({ ...problem, ask: { ...ask, at: isoYears(date) } }) };
  }
  if (unknown.kind !== "amount") return null;
  const index = unknown.field.line;
  const flow = problem.flows[index];
  if (flow?.kind !== "single") return null;
  const settled = subject.solution.settled.flows[index];
  if (settled?.kind !== "single") return null;
  return {
    years: settled.at,
    at: (date) => withFlow(problem, index, { ...flow, at: isoYears(date) }),
  };
}

/** The dates of a timeline at which a student might stop. */
function datesOf(problem: Problem): number[] {
  const ends = streamsOf(problem).flatMap(({ flow }) => {
    const [start, end] = [yearsAt(problem, flow.begins), endOf(problem, flow)];
    return [start, end];
  });
  const singles = singlesOf(problem).map(({ flow }) => yearsAt(problem, flow.at));
  return [...new Set([0, ...ends, ...singles])].filter((date) => date !== null);
}
