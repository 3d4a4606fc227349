import { singlesOf, streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeMoney } from "../../../wording/answer-format";

const WORDS = MISTAKE_WORDS["rounded-payment"];

/** The student rounded a payment before using it. */
export const roundedPayment: Mistake = {
  code: "rounded-payment",
  nextTime: WORDS.nextTime,
  slips: ({ problem, answer, unit, unknown }) => [
    ...[...streamsOf(problem), ...singlesOf(problem)].flatMap(({ index, flow }) => {
      const { amount } = flow;
      if (typeof amount !== "number") return [];
      return [1, 0, -1, -2].flatMap((decimals): Slip[] => {
        const rounded = roundTo(amount, decimals);
        if (rounded === amount || rounded === 0) return [];
        return [
          {
            done: (format) =>
              WORDS.done(nameOf(flow), writeMoney(amount, format), writeMoney(rounded, format)),
            corrected: (format) => WORDS.corrected(writeMoney(amount, format)),
            problem: withFlow(problem, index, { ...flow, amount: rounded }),
          },
        ];
      });
    }),
    ...(unit === "money" && unknown.kind === "amount"
      ? [0, -1].flatMap((decimals): Slip[] => {
          const rounded = roundTo(answer, decimals);
          return rounded === 0
            ? []
            : [
                {
                  done: WORDS.doneAnswer,
                  corrected: WORDS.correctedAnswer,
                  figure: (value) => roundTo(value, decimals),
                },
              ];
        })
      : []),
  ],
};

/** @param decimals below zero for tens and hundreds */
function roundTo(amount: number, decimals: number): number {
  if (decimals >= 0) return Number(amount.toFixed(decimals));
  const unit = 10 ** -decimals;
  return Math.round(amount / unit) * unit;
}
