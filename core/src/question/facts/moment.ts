import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";

/** When a phrase means, from today; the end of a first period is one period from now. */
export function momentOf({ phrase }: Mark): string | null {
  if (phrase?.kind !== "when" || phrase.as === "elapsed" || phrase.as === "after-last") return null;
  if (phrase.as === "now") return "P0D";
  if (phrase.as === "end-of" || phrase.as === "each-of")
    return timesSpan(phrase.numbers[0] ?? 1, phrase.iso ?? "P1Y");
  if (phrase.as === "first-at") return phrase.iso ?? "P0D";
  return phrase.iso ?? null;
}
