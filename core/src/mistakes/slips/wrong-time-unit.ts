import { frequencyOf, isoYears, yearsOf } from "../../time/duration";
import { singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip, Subject } from "../mistake";
import { nameOf } from "../words";

const UNITS = [
  { noun: "years", perYear: 1 },
  { noun: "months", perYear: 12 },
  { noun: "weeks", perYear: 52 },
  { noun: "days", perYear: 365 },
] as const;

/** A time is taken in another unit: weeks for months, months for years. */
export const wrongTimeUnit: Mistake = {
  code: "wrong-time-unit",
  nextTime: "Write the unit beside every time, and convert it before anything else.",
  slips: (subject) => [...inStreams(subject), ...inAmounts(subject), ...inAnswer(subject)],
};

const CORRECTED =
  "Each time has its own unit, and has to be converted to the period of the payments.";

function inStreams({ problem }: Subject): Slip[] {
  return streamsOf(problem).flatMap(({ index, flow }) => {
    const perYear = frequencyOf(flow.every);
    return UNITS.filter((unit) => unit.perYear !== perYear).map((unit): Slip => ({
      done: () => `${nameOf(flow)} were counted in ${unit.noun}`,
      corrected: () => CORRECTED,
      problem: withFlow(problem, index, { ...flow, every: isoYears(1 / unit.perYear) }),
      ...(perYear === 12 || perYear === 52 || perYear === 1 ? {} : { isRare: true as const }),
    }));
  });
}

/** A length of time with its figure kept and its unit changed. */
function inAmounts({ problem }: Subject): Slip[] {
  const streams = streamsOf(problem);
  if (streams.length > 0) return [];
  const singles = singlesOf(problem).filter(({ flow }) => (yearsAt(flow.at) ?? 0) > 0);
  const [only] = singles;
  if (singles.length !== 1 || only === undefined || typeof only.flow.at !== "string") return [];
  const years = yearsOf(only.flow.at);
  return UNITS.flatMap((from) => {
    const figure = years * from.perYear;
    if (Math.abs(figure - Math.round(figure)) > 1e-9) return [];
    return UNITS.filter((to) => to !== from && figure / to.perYear < 200).map((to): Slip => ({
      done: () =>
        `${Math.round(figure)} ${from.noun} were taken as ${Math.round(figure)} ${to.noun}`,
      corrected: () => CORRECTED,
      problem: withFlow(problem, only.index, { ...only.flow, at: isoYears(figure / to.perYear) }),
      ...(from.perYear > 12 ? { isRare: true as const } : {}),
    }));
  });
}

/** An answer that is a time, given in another unit. */
function inAnswer({ problem, unit, unknown }: Subject): Slip[] {
  if (unit !== "years" && unit !== "payments") return [];
  const flow = problem.flows[Number(unknown.path[1])];
  const own = unit === "years" ? 1 : flow?.kind === "stream" ? frequencyOf(flow.every) : 1;
  return UNITS.filter(({ perYear }) => perYear !== own).map(({ noun, perYear }): Slip => ({
    done: () => `the time was given in ${noun}`,
    corrected: () =>
      unit === "years" ? "The answer is in years." : "The answer is the number of payments.",
    figure: (answer) => (answer * perYear) / own,
  }));
}
