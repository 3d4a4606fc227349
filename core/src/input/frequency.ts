/**
 * How often something happens, as people say it. One table serves rates and, later, payments.
 * `bimonthly` and `biweekly` are left out on purpose: they mean twice as often to some people and
 * half as often to others.
 */
const ADVERBS: readonly (readonly [pattern: string, every: string])[] = [
  ["half[- ]?yearly|semi-?\\s?annual(?:ly)?|twice (?:a|per) year|six-?\\s?monthly", "P6M"],
  ["(?:once a |once per )year|yearly|annual(?:ly)?", "P1Y"],
  ["quarterly|(?:four|4) times (?:a|per) year", "P3M"],
  ["twice (?:a|per) month|semi-?\\s?monthly", "P0.5M"],
  ["(?:once a |once per )month|monthly|(?:twelve|12) times (?:a|per) year", "P1M"],
  ["fortnightly|bi-?\\s?weekly|26 times (?:a|per) year", "P2W"],
  ["(?:once a |once per )week|weekly|52 times (?:a|per) year", "P1W"],
  ["(?:once a |once per )day|daily|365 times (?:a|per) year", "P1D"],
];

const NOUNS: readonly (readonly [pattern: string, every: string])[] = [
  ["half[- ]?years?|six months|6 months|semester", "P6M"],
  ["years?|yrs?|annum", "P1Y"],
  ["quarters?|qtr|three months|3 months", "P3M"],
  ["half[- ]?months?", "P0.5M"],
  ["(?:two|2) months", "P2M"],
  ["(?:four|4) months", "P4M"],
  ["months?|mths?|mo", "P1M"],
  ["fortnights?|(?:two|2) weeks", "P2W"],
  ["(?:four|4) weeks", "P4W"],
  ["weeks?|wks?", "P1W"],
  ["days?", "P1D"],
];

const union = (table: readonly (readonly [string, string])[]) =>
  table.map(([pattern]) => pattern).join("|");

/** Matches "monthly", "twice a year", "every two months". */
export const FREQUENCY_PATTERN = `(?:${union(ADVERBS)}|every (?:${union(NOUNS)}))`;

/** Matches the period after "per" or "a": "month", "half-year". */
export const PERIOD_PATTERN = `(?:${union(NOUNS)})`;

/** The ISO 8601 length between two happenings, of a text that matches either pattern; else `null`. */
export function readFrequency(text: string): string | null {
  const words = text
    .toLowerCase()
    .replace(/^every\s+/, "")
    .trim();
  const found = [...ADVERBS, ...NOUNS].find(([pattern]) =>
    new RegExp(`^(?:${pattern})$`).test(words),
  );
  return found?.[1] ?? null;
}
