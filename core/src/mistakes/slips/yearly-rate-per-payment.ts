import { frequencyOf } from "../../time/duration";
import { compoundingsOf, requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { percentWords, periodWords } from "../words";

/** The yearly rate is used for each payment, or for each compounding period. */
export const yearlyRatePerPayment: Mistake = {
  code: "yearly-rate-per-payment",
  nextTime: "Write the rate for one period down first, and only then the formula.",
  slips: ({ problem }) => {
    const payments = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      if (typeof rate.percent !== "number" || rate.quoted === "periodic") return [];
      const own = "compounding" in rate ? [rate.compounding] : [];
      const periods = (payments.length > 0 ? payments : own).filter(
        (every) => frequencyOf(every) > 1,
      );
      return periods.map((every): Slip => {
        const perYear = frequencyOf(every);
        const isPlain = rate.quoted === "nominal" && compoundingsOf(rate) === perYear;
        return {
          done: () =>
            `the yearly rate of ${percentWords(Number(rate.percent))} was used as the rate for ${periodWords(every)}`,
          corrected: () =>
            isPlain
              ? `The rate for ${periodWords(every)} is ${percentWords(Number(rate.percent))} / ${perYear} = ${percentWords(Number(rate.percent) / perYear)}.`
              : `The rate for ${periodWords(every)} must grow in a year as the quoted rate does, which is far less than ${percentWords(Number(rate.percent))}.`,
          problem: withRate(
            problem,
            index,
            requoted(rate, { quoted: "periodic", compounding: every }),
          ),
        };
      });
    });
  },
};
