import { AMOUNT_MISTAKE_WORDS } from "./mistakes/amounts";
import { DIGIT_MISTAKE_WORDS } from "./mistakes/digits";
import { RATE_MISTAKE_WORDS } from "./mistakes/rates";
import { TIME_MISTAKE_WORDS } from "./mistakes/times";

/**
 * The sentences of marking, by mistake.
 * - `done`: what the student did, in the past tense; follows "It looks as if" and "would be if"
 * - `corrected`: the fact, a sentence in the present tense
 * - `nextTime`: the habit that avoids the mistake, a sentence in the imperative
 *
 * All values arrive as text in the reader's own number format.
 */
export const MISTAKE_WORDS = {
  ...RATE_MISTAKE_WORDS,
  ...TIME_MISTAKE_WORDS,
  ...AMOUNT_MISTAKE_WORDS,
  ...DIGIT_MISTAKE_WORDS,
};
