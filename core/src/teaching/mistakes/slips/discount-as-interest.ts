import type { Problem, Rate } from "../../../engine/problem/schema";
import type { Quotation } from "../../../engine/rates/quotation";
import { requoted } from "../parts-of-problem";
import type { Mistake, MistakeCode, Slip } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

/** The student took what is a percentage of the amount due for one of the amount at the start. */
export const discountAsInterest = exchanged("discount-as-interest", (rate) => {
  switch (rate.quoted) {
    case "bank-discount":
      return { quoted: "simple" };
    case "effective-discount":
      return { quoted: "effective" };
    case "nominal-discount":
      return { quoted: "nominal", compounding: rate.compounding };
    default:
      return null;
  }
});

/** The other way round, which only simple interest is near enough for. */
export const interestAsDiscount = exchanged("interest-as-discount", ({ quoted }) =>
  quoted === "simple" ? { quoted: "bank-discount" } : null,
);

function exchanged(
  code: MistakeCode & ("discount-as-interest" | "interest-as-discount"),
  otherOf: (rate: Rate) => Quotation | null,
): Mistake {
  const words = MISTAKE_WORDS[code];
  return {
    code,
    nextTime: words.nextTime,
    slips: ({ problem }) => {
      const rates = problem.rates.map((rate) => {
        const other = otherOf(rate);
        return other === null ? null : requoted(rate, other);
      });
      return rates.every((rate) => rate !== null) ? [slipTo(problem, rates, words)] : [];
    },
  };
}

function slipTo(
  problem: Problem,
  rates: Problem["rates"],
  { done, corrected }: { readonly done: () => string; readonly corrected: () => string },
): Slip {
  return { done, corrected, problem: { ...problem, rates } };
}
