import { roundDecimal } from "../../../engine/numbers/round-decimal";
import { writeFigure } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip } from "../mistake";

/** The decimals of a number that is written down. */
const DECIMALS = [2, 1, 0, 4, 3];

const CUT = MISTAKE_WORDS.truncated;

/** The student cut the answer off. */
export const truncated: Mistake = {
  code: "truncated",
  isWhole: true,
  nextTime: CUT.nextTime,
  slips: () =>
    DECIMALS.map((decimals): Slip => ({
      done: (format) =>
        decimals === 0 ? CUT.doneWhole() : CUT.done(writeFigure(decimals, format), decimals === 1),
      corrected: CUT.corrected,
      figure: (answer) => {
        const cut = Number(roundDecimal(answer, decimals, "down"));
        // What rounding gives too is no mistake.
        return cut === Number(roundDecimal(answer, decimals)) ? null : cut;
      },
    })),
};

const OFF = MISTAKE_WORDS["last-digit-off"];

/** The last digit is one too large or too small, as rounding on the way leaves it. */
export const lastDigitOff: Mistake = {
  code: "last-digit-off",
  isWhole: true,
  nextTime: OFF.nextTime,
  slips: () =>
    DECIMALS.flatMap((decimals) =>
      [1, -1].map((by): Slip => ({
        done: OFF.done,
        corrected: OFF.corrected,
        figure: (answer) =>
          Number(
            roundDecimal(Number(roundDecimal(answer, decimals)) + by * 10 ** -decimals, decimals),
          ),
      })),
    ),
};
