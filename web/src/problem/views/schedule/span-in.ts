import { writeFigure, type AnswerFormat } from "@kestrelmoor/core";
export type Span =
  | { readonly ok: true; readonly from: number; readonly to: number }
  | { readonly ok: false; readonly sentence: string };

/**
 * A span of payments as it is typed; an empty end is the usual one.
 *
 * @param count how many payments there are
 */
export function spanIn(
  typedFrom: string,
  typedTo: string,
  usual: { readonly from: number; readonly to: number },
  count: number,
  format: AnswerFormat,
): Span {
  const from = numberIn(typedFrom, usual.from);
  const to = numberIn(typedTo, typedFrom.trim() === "" ? usual.to : Math.max(usual.to, from));
  const isIn = (number: number) => Number.isInteger(number) && number >= 1 && number <= count;
  if (!isIn(from) || !isIn(to)) {
    return {
      ok: false,
      sentence: `Type two payment numbers, from 1 to ${writeFigure(count, format)}.`,
    };
  }
  return from <= to
    ? { ok: true, from, to }
    : { ok: false, sentence: "The first payment must come before the last." };
}

function numberIn(typed: string, usual: number): number {
  const text = typed.trim().replace(/^(?:payment|no\.?|#)\s*/i, "");
  if (text === "") return usual;
  return /^\d[\d,]*$/.test(text) ? Number(text.replaceAll(",", "")) : NaN;
}
