import type { ToldReading } from "@kestrelmoor/core/question";

/** The end of a sentence, perhaps in quotation marks or brackets. */
const ENDED = /[.?!]["'’”»)\]]*$/;

/** Whether the last sentence of a text has its end. */
export function isEnded(text: string): boolean {
  return ENDED.test(text.trimEnd());
}

/** Whether the question of a text is still to be typed: then nobody knows yet what it needs. */
export function isHalfTyped(text: string, { missing }: ToldReading): boolean {
  return !isEnded(text) && missing.some(({ code }) => code === "question");
}
