import { frequencyOf } from "../../time/duration";
import { frequencyWords } from "../../wording/quotation-words";
import { requoted, streamsOf, withFlow, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { nameOf } from "../words";

/** Payments are taken to be made as often as interest is compounded. */
export const compoundingAsPaymentFrequency: Mistake = {
  code: "compounding-as-payment-frequency",
  nextTime:
    "The payments say how many periods there are; the compounding only says what the rate is.",
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, place) => {
      if (!("compounding" in rate)) return [];
      const every = rate.compounding;
      return streamsOf(problem)
        .filter(({ flow }) => frequencyOf(flow.every) !== frequencyOf(every))
        .flatMap(({ index, flow }): Slip[] => {
          const words = {
            done: () =>
              `${nameOf(flow)} were reckoned ${frequencyWords(every).adverb}, as interest is added`,
            corrected: () =>
              `They are made ${frequencyWords(flow.every).adverb}; the rate has to be restated for that period.`,
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
              done: () =>
                `the rate for one compounding period was used for each of ${nameOf(flow)}`,
              problem: unconverted,
            },
          ];
        });
    }),
};
