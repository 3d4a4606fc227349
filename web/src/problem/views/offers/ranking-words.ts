import { spanWords, type RankingSpan, type AnswerFormat } from "@kestrelmoor/core";

/** The ranking of loans, the cheapest first, a line for each span of time for which they are held. */
export function rankingWords(
  spans: readonly RankingSpan[],
  names: readonly string[],
  format: AnswerFormat,
): readonly string[] {
  const inOrder = ({ order }: RankingSpan) =>
    order
      .map((place) => names[place] ?? "")
      .join(", then ")
      .replaceAll("then This loan", "then this loan");
  const [only] = spans;
  if (spans.length === 1 && only !== undefined) {
    return [`For any time: ${inOrder(only)}.`];
  }
  return spans.map((span, index) => {
    const words = inOrder(span);
    if (index === 0) return `Up to ${spanWords(span.to, format)}: ${words}.`;
    return index === spans.length - 1
      ? `${spanWords(span.from, format)} or longer: ${words}.`
      : `${spanWords(span.from, format)} to ${spanWords(span.to, format)}: ${words}.`;
  });
}
