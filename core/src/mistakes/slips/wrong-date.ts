import { isoYears } from "../../time/duration";
import { formatYears } from "../../wording/format-time";
import { endOf, singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Problem } from "../../problem/schema";
import type { Mistake, Slip, Subject } from "../mistake";

/** The amount is right, but for another date. */
export const wrongDate: Mistake = {
  code: "wrong-date",
  nextTime: "Mark the date that the question asks about on the timeline before you begin.",
  slips: (subject) => {
    const asked = askedAt(subject);
    if (asked === null) return [];
    return datesOf(subject.problem)
      .filter((date) => Math.abs(date - asked.years) > 1e-9)
      .map((date): Slip => ({
        done: () =>
          `the value ${date === 0 ? "today" : `after ${formatYears(date, 4)}`} was worked out`,
        corrected: () =>
          `The question asks for it ${asked.years === 0 ? "today" : `after ${formatYears(asked.years, 4)}`}; between the two dates it grows.`,
        problem: asked.at(date),
      }));
  },
};

interface Asked {
  readonly years: number;
  readonly at: (years: number) => Problem;
}

/** The date that a question asks about, where it asks for one amount. */
function askedAt(subject: Subject): Asked | null {
  const { problem } = subject;
  const { kind, path } = subject.unknown;
  if (kind === "value" && problem.ask !== undefined) {
    const { ask } = problem;
    const years = yearsAt(ask.at);
    return years === null
      ? null
      : { years, at: (date) => ({ ...problem, ask: { ...ask, at: isoYears(date) } }) };
  }
  const index = Number(path[1]);
  const flow = problem.flows[index];
  if (kind !== "amount" || flow?.kind !== "single") return null;
  const settled = subject.solution.settled.flows[index];
  if (settled?.kind !== "single") return null;
  return {
    years: settled.at,
    at: (date) => withFlow(problem, index, { ...flow, at: isoYears(date) }),
  };
}

/** The dates of a timeline at which one might stop. */
function datesOf(problem: Problem): number[] {
  const ends = streamsOf(problem).flatMap(({ flow }) => {
    const [start, end] = [yearsAt(flow.begins), endOf(flow)];
    return [start, end];
  });
  const singles = singlesOf(problem).map(({ flow }) => yearsAt(flow.at));
  return [...new Set([0, ...ends, ...singles])].filter((date) => date !== null);
}
