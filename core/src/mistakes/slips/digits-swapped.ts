import { plainDecimal } from "../../numbers/plain-decimal";
import type { Mistake, Slip } from "../mistake";
import { miscopied } from "./given-figures";

/** Two digits beside one another change places when a number is copied. */
export const digitsSwapped: Mistake = {
  code: "digits-swapped",
  nextTime: "Compare a copied number with its source digit by digit, or do not copy it at all.",
  slips: () => SLIPS_OF_ANSWER,
  rarer: ({ problem }) =>
    miscopied(problem, (value) => {
      const text = plainDecimal(value);
      return Array.from({ length: text.length - 1 }, (_, place) => swapped(text, place)).filter(
        (one) => one !== null,
      );
    }),
};

/** Pairs of digits in money up to ten million. */
const PLACES = 9;

const SLIPS_OF_ANSWER = Array.from({ length: PLACES }, (_, place): Slip => ({
  done: () => "two digits of the answer changed places",
  corrected: () => "The number was right before it was copied.",
  figure: (answer) => swapped(answer.toFixed(2), place),
}));

/** @param place of the first of the two digits, counted without the point */
function swapped(text: string, place: number): number | null {
  const sign = text.startsWith("-") ? 1 : 0;
  const point = text.indexOf(".");
  const at = (digit: number) => {
    const index = digit + sign;
    return point >= 0 && index >= point ? index + 1 : index;
  };
  const [one, other] = [at(place), at(place + 1)];
  if (other >= text.length || text[one] === text[other]) return null;
  return Number(
    `${text.slice(0, one)}${text[other] ?? ""}${text.slice(one + 1, other)}${text[one] ?? ""}${text.slice(other + 1)}`,
  );
}
