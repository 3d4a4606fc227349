import type { ToldReading } from "@kestrelmoor/core/question";
import type { TextSpan } from "@kestrelmoor/core/typing";
import { toneSpans, type ToneSpan } from "./span-tones";

/**
 * The marks of a question beside its lines: the phrases that it is read as, as far as the lines still have their figures,
 * and every other figure that the lines have. A figure that they have is not struck, whatever the reading says of it; one
 * that they have no longer, or not yet, is loose and can be dragged onto its field.
 *
 * @param reading `null` until it is there
 * @param figures the figures of the text that the lines have
 */
export function usedSpans(
  text: string,
  reading: ToldReading | null,
  figures: readonly TextSpan[],
): ToneSpan[] {
  const isUsed = ({ from, to }: ToneSpan) =>
    figures.some(({ start, end }) => start < to && from < end);
  const told = reading === null ? [] : toneSpans(reading);
  const phrases = (reading?.parts.length === 0 ? [] : told).filter((span) =>
    span.tone === "unused"
      ? !isUsed(span)
      : isUsed(span) || !/\d/.test(text.slice(span.from, span.to)),
  );
  const others = figures
    .filter(({ start, end }) => !phrases.some(({ from, to }) => from < end && start < to))
    .map(({ start, end }): ToneSpan => ({ from: start, to: end, tone: "line", says: "On a line" }));
  const loose = told
    .filter(
      (span) =>
        !phrases.includes(span) && !isUsed(span) && /\d/.test(text.slice(span.from, span.to)),
    )
    .map(({ from, to }): ToneSpan => ({ from, to, tone: "loose", says: "Drag it onto its field" }));
  return [...phrases, ...others, ...loose].sort((one, other) => one.from - other.from);
}
