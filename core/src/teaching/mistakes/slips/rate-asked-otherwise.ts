import { frequencyOf } from "../../../engine/time/duration";
import { writeFigure } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Subject } from "../mistake";
import { streamsOf } from "../parts-of-problem";

/** How often a year interest is thought to be added, where nothing is paid. */
const USUAL = [12, 4, 2];

const MULTIPLIED = MISTAKE_WORDS["period-rate-multiplied"];

/** The student gave the rate per period times the periods of a year as the effective rate. */
export const periodRateMultiplied: Mistake = {
  code: "period-rate-multiplied",
  isWhole: true,
  nextTime: MULTIPLIED.nextTime,
  slips: (subject) => {
    if (askedRate(subject)?.quoted !== "effective") return [];
    const paid = streamsOf(subject.problem).map(({ flow }) => frequencyOf(flow.every));
    return [...new Set(paid.length > 0 ? paid : USUAL)]
      .filter((perYear) => perYear > 1)
      .map((perYear) => ({
        done: (format) => MULTIPLIED.done(writeFigure(perYear, format)),
        corrected: MULTIPLIED.corrected,
        figure: (percent) => 100 * perYear * Math.expm1(Math.log1p(percent / 100) / perYear),
      }));
  },
};

const DIVIDED = MISTAKE_WORDS["yearly-rate-divided"];

/** The student divided the effective yearly rate. */
export const yearlyRateDivided: Mistake = {
  code: "yearly-rate-divided",
  isWhole: true,
  nextTime: DIVIDED.nextTime,
  slips: (subject) => {
    const rate = askedRate(subject);
    if (rate?.quoted !== "periodic") return [];
    const perYear = frequencyOf(rate.compounding);
    const { noun } = frequencyWords(rate.compounding);
    return [
      {
        done: (format) => DIVIDED.done(writeFigure(perYear, format)),
        corrected: () => DIVIDED.corrected(noun),
        figure: (percent) => (100 * Math.expm1(perYear * Math.log1p(percent / 100))) / perYear,
      },
    ];
  },
};

/** The rate that is asked for, where it is one. */
function askedRate({ problem, unknown, asked }: Subject) {
  return unknown.kind === "percent" && asked === null
    ? problem.rates[unknown.field.line]
    : undefined;
}
