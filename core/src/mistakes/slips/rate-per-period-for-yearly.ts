import { forceUnder, compoundingLaw } from "../../rates/compounding-law";
import { frequencyOf } from "../../time/duration";
import { streamsOf } from "../parts-of-problem";
import { periodWords } from "../words";
import type { Mistake } from "../mistake";

/** The rate for one period is given where the yearly rate is asked. */
export const ratePerPeriodForYearly: Mistake = {
  code: "rate-per-period-for-yearly",
  nextTime:
    "The rate that the formula gives is for one period; restate it as the question quotes it.",
  slips: ({ problem, unknown }) => {
    const rate = problem.rates[Number(unknown.path[1])];
    if (unknown.kind !== "percent" || rate === undefined || rate.quoted === "periodic") return [];
    const own = rate.quoted === "nominal" ? [rate.compounding] : [];
    const periods = [...new Set([...streamsOf(problem).map(({ flow }) => flow.every), ...own])];
    const law = compoundingLaw(rate);
    return periods
      .filter((every) => frequencyOf(every) !== 1)
      .map((every) => ({
        done: () => `the rate for ${periodWords(every)} was given`,
        corrected: () => "It has to be restated for a year, as the question quotes it.",
        figure: (percent: number) =>
          Math.expm1(forceUnder(percent, law) / frequencyOf(every)) * 100,
      }));
  },
};
