import type { Problem, Rate } from "../../problem/schema";
import type { Slip } from "../mistake";
import { percentPerPeriod, requoted, restatedPeriods, withRate } from "../parts-of-problem";

/**
 * A slip with a rate that was made only after it was restated for one payment.
 *
 * @param place of the rate among those of the problem
 * @param instead what was reckoned with in the place of so many percent for one payment
 */
export function restatedSlips(
  problem: Problem,
  place: number,
  { rate, percent }: { readonly rate: Rate; readonly percent: number },
  instead: (exact: number) => number,
  words: (exact: number, every: string) => Pick<Slip, "done" | "corrected">,
): Slip[] {
  return restatedPeriods(problem, rate).map((every): Slip => {
    const exact = percentPerPeriod(rate, percent, every);
    const changed = requoted(rate, { quoted: "periodic", compounding: every }, instead(exact));
    return { ...words(exact, every), problem: withRate(problem, place, changed), isRare: true };
  });
}
