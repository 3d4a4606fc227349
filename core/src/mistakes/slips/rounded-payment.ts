import { singlesOf, streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { moneyWords, nameOf } from "../words";

/** A payment is rounded before it is reckoned with. */
export const roundedPayment: Mistake = {
  code: "rounded-payment",
  nextTime: "Reckon with the payment as it is given, and round the answer alone.",
  slips: ({ problem, answer, unit, unknown }) => [
    ...[...streamsOf(problem), ...singlesOf(problem)].flatMap(({ index, flow }) => {
      const { amount } = flow;
      if (typeof amount !== "number") return [];
      return [1, 0, -1, -2].flatMap((decimals): Slip[] => {
        const rounded = roundTo(amount, decimals);
        if (rounded === amount || rounded === 0) return [];
        return [
          {
            done: () =>
              `${nameOf(flow)} of ${moneyWords(amount)} ${flow.kind === "single" ? "was" : "were"} rounded to ${moneyWords(rounded)}`,
            corrected: () => `Reckon with ${moneyWords(amount)}.`,
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
                  done: () => "the answer was rounded further than to cents",
                  corrected: () => "Keep the cents: they are asked for.",
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
