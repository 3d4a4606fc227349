import { forceUnder, compoundingLaw } from "../../../engine/rates/compounding-law";
import { frequencyOf } from "../../../engine/time/duration";
import { streamsOf } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { frequencyWords, quotationWords } from "../../../wording/quotation-words";
import { quotationOf } from "../../../engine/rates/quotation";

const WORDS = MISTAKE_WORDS["rate-per-period-for-yearly"];

/** The student gave the periodic rate instead of the yearly rate. */
export const ratePerPeriodForYearly: Mistake = {
  code: "rate-per-period-for-yearly",
  nextTime: WORDS.nextTime,
  slips: ({ problem, unknown }) => {
    if (unknown.kind !== "percent") return [];
    const rate = problem.rates[unknown.field.line];
    if (rate === undefined || rate.quoted === "periodic") return [];
    const own = rate.quoted === "nominal" ? [rate.compounding] : [];
    const periods = [...new Set([...streamsOf(problem).map(({ flow }) => flow.every), ...own])];
    const law = compoundingLaw(rate);
    return periods
      .filter((every) => frequencyOf(every) !== 1)
      .map((every) => ({
        done: () => WORDS.done(frequencyWords(every).noun),
        corrected: () => WORDS.corrected(quotationWords(quotationOf(rate))),
        figure: (percent: number) =>
          Math.expm1(forceUnder(percent, law) / frequencyOf(every)) * 100,
      }));
  },
};
