import type { Quotation } from "../../../engine/rates/quotation";
import { requoted } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["interest-compounded"];

/** The student compounded interest that is simple. */
export const interestCompounded: Mistake = {
  code: "interest-compounded",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const kinds = new Set(problem.rates.map(({ quoted }) => quoted));
    return [...kinds].flatMap((quoted) =>
      (COMPOUNDED[quoted] ?? []).map((quotation, place) => ({
        done: WORDS.done,
        corrected: () => WORDS.corrected(quoted === "bank-discount"),
        problem: { ...problem, rates: problem.rates.map((rate) => requoted(rate, quotation)) },
        // Monthly compounding is nobody's first thought where months are not spoken of.
        ...(place === 0 ? {} : { isRare: true as const }),
      })),
    );
  },
};

const MONTHLY = { quoted: "nominal", compounding: "P1M" } as const;

const COMPOUNDED: Partial<Record<Quotation["quoted"], readonly Quotation[]>> = {
  simple: [{ quoted: "effective" }, MONTHLY],
  "bank-discount": [{ quoted: "effective-discount" }, { quoted: "effective" }, MONTHLY],
};
