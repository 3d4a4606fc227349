import { MISTAKE_WORDS } from "../../wording/teaching/mistake-words";
import type { Mistake, MistakeCode, Slip, Subject } from "./mistake";

/**
 * A mistake that is a way of its own to the whole answer, on the problems that have what it is made with.
 *
 * @param findIn what of a problem it is made with; `null` where a problem has none
 */
export function wholeMistake<Found>(
  code: MistakeCode,
  findIn: (subject: Subject) => Found | null,
  slipsWith: (found: Found, subject: Subject) => readonly Slip[],
): Mistake {
  return {
    code,
    isWhole: true,
    nextTime: MISTAKE_WORDS[code].nextTime,
    slips: (subject) => {
      const found = findIn(subject);
      return found === null ? [] : slipsWith(found, subject);
    },
  };
}
