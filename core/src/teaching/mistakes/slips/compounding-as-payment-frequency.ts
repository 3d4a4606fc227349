import { frequencyOf } from "../../../engine/time/duration";
import { frequencyWords } from "../../../wording/quotation-words";
import { requoted, streamsOf, withFlow, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["compounding-as-payment-frequency"];

/** The student treated the payments as being as frequent as the compounding. */
export const compoundingAsPaymentFrequency: Mistake = {
  code: "compounding-as-payment-frequency",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, place) => {
      if (!("compounding" in rate)) return [];
      const every = rate.compounding;
      return streamsOf(problem)
        .filter(({ flow }) => frequencyOf(flow.every) !== frequencyOf(every))
        .flatMap(({ index, flow }): Slip[] => {
          const words = {
            done: () => WORDS.done(nameOf(flow), frequencyWords(every).adverb),
            corrected: () =>
              WORDS.corrected(frequencyWords(flow.every).adverb, frequencyWords(flow.every).noun),
          };
          const times = frequencyOf(every) / frequencyOf(flow.every);
          const count = typeof flow.count === "number" ? flow.count * times : flow.count;
          const asOften = withFlow(problem, index, { ...flow, every, count });
          if (typeof rate.percent !== "number") return [{ ...words, problem: asOften }];
          const perPayment =
            rate.quoted === "nominal" ? rate.percent / frequencyOf(every) : rate.percent;
          const unconverted = withRate(
            problem,
            place,
            requoted(rate, { quoted: "periodic", compounding: flow.every }, perPayment),
          );
          return [
            { ...words, problem: asOften },
            {
              ...words,
              done: () => WORDS.doneUnconverted(nameOf(flow)),
              problem: unconverted,
            },
          ];
        });
    }),
};
