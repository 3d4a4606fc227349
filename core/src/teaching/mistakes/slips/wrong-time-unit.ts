import { frequencyOf } from "../../../engine/time/duration";
import { isDate, isoYears } from "../../../engine/time/moment";
import { flowOfUnknown } from "../../../engine/problem/unknown";
import { singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip, Subject } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure } from "../../../wording/answer-format";
import { asWhole } from "../../../engine/numbers/compare";

const UNITS = [
  { noun: "years", perYear: 1 },
  { noun: "months", perYear: 12 },
  { noun: "weeks", perYear: 52 },
  { noun: "days", perYear: 365 },
] as const;

const WORDS = MISTAKE_WORDS["wrong-time-unit"];

/** The student used another unit of time: weeks for months, months for years. */
export const wrongTimeUnit: Mistake = {
  code: "wrong-time-unit",
  nextTime: WORDS.nextTime,
  slips: (subject) => [...inStreams(subject), ...inAmounts(subject), ...inAnswer(subject)],
};

function inStreams({ problem }: Subject): Slip[] {
  return streamsOf(problem).flatMap(({ index, flow }) => {
    const perYear = frequencyOf(flow.every);
    return UNITS.filter((unit) => unit.perYear !== perYear).map((unit): Slip => ({
      done: () => WORDS.doneCounted(nameOf(flow), unit.noun),
      corrected: WORDS.corrected,
      problem: withFlow(problem, index, { ...flow, every: isoYears(1 / unit.perYear) }),
      ...(perYear === 12 || perYear === 52 || perYear === 1 ? {} : { isRare: true as const }),
    }));
  });
}

/** A length of time with the same number in another unit. */
function inAmounts({ problem }: Subject): Slip[] {
  const streams = streamsOf(problem);
  if (streams.length > 0) return [];
  const singles = singlesOf(problem).filter(({ flow }) => (yearsAt(problem, flow.at) ?? 0) > 0);
  const [only] = singles;
  const years = only === undefined ? null : yearsAt(problem, only.flow.at);
  if (singles.length !== 1 || only === undefined || years === null) return [];
  // A date has no unit.
  if (typeof only.flow.at === "string" && isDate(only.flow.at)) return [];
  return UNITS.flatMap((from) => {
    const figure = years * from.perYear;
    if (asWhole(figure) === null) return [];
    return UNITS.filter((to) => to !== from && figure / to.perYear < 200).map((to): Slip => ({
      done: (format) => {
        const number = writeFigure(Math.round(figure), format);
        return WORDS.doneRead(`${number} ${from.noun}`, `${number} ${to.noun}`);
      },
      corrected: WORDS.corrected,
      problem: withFlow(problem, only.index, { ...only.flow, at: isoYears(figure / to.perYear) }),
      ...(from.perYear > 12 ? { isRare: true as const } : {}),
    }));
  });
}

/** The answer is a time, and the student gave it in another unit. */
function inAnswer({ problem, unit, unknown }: Subject): Slip[] {
  if (unit !== "years" && unit !== "payments") return [];
  const flow = problem.flows[flowOfUnknown(unknown) ?? 0];
  const own = unit === "years" ? 1 : flow?.kind === "stream" ? frequencyOf(flow.every) : 1;
  return UNITS.filter(({ perYear }) => perYear !== own).map(({ noun, perYear }): Slip => ({
    done: () => WORDS.doneGiven(noun),
    corrected: unit === "years" ? WORDS.correctedYears : WORDS.correctedPayments,
    figure: (answer) => (answer * perYear) / own,
  }));
}
