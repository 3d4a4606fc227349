import type { Problem, Rate } from "../../../engine/problem/schema";
import type { Slip } from "../mistake";
import { percentPerPeriod, requoted, restatedPeriods, withRate } from "../parts-of-problem";

/**
 * A mistake made with a rate after its conversion to the payment period.
 *
 * @param place of the rate among those of the problem
 * @param instead the percentage that the student used for the exact one
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
