import { plainDecimal } from "../../../engine/numbers/plain-decimal";
import type { Mistake, Slip } from "../mistake";
import { miscopied } from "./given-figures";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["digits-swapped"];

/** The student swapped two neighbouring digits when copying the answer. */
export const digitsSwapped: Mistake = {
  code: "digits-swapped",
  nextTime: WORDS.nextTime,
  slips: () => SLIPS_OF_ANSWER,
};

const GIVEN = MISTAKE_WORDS["given-digits-swapped"];

/** The student swapped two neighbouring digits of a given number. */
export const givenDigitsSwapped: Mistake = {
  code: "given-digits-swapped",
  nextTime: GIVEN.nextTime,
  slips: () => [],
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
  done: WORDS.done,
  corrected: WORDS.corrected,
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
