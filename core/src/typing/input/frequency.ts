import { NUMBER_WORDS } from "./number-words";

/**
 * How often something happens, as people say it. One table serves rates and payments.
 * `bimonthly` is left out on purpose: it means twice a month to some people and every two months to others.
 */
const ADVERBS: readonly (readonly [pattern: string, every: string])[] = [
  ["half[- ]?yearly|semi-?\\s?annual(?:ly)?|six-?\\s?monthly|6-?\\s?monthly", "P6M"],
  ["(?:once (?:a|per|every|each) )year|yearly|annual(?:ly)?", "P1Y"],
  ["quarterly|three-?\\s?monthly|3-?\\s?monthly", "P3M"],
  ["(?:twice|two times|2 times) (?:a|per|every|each) month|semi-?\\s?monthly", "P0.5M"],
  ["(?:once (?:a|per|every|each) )month|monthly", "P1M"],
  ["fortnightly|bi-?\\s?weekly", "P2W"],
  ["(?:once (?:a|per|every|each) )week|weekly", "P1W"],
  ["(?:once (?:a|per|every|each) )day|daily", "P1D"],
];

const NOUNS: readonly (readonly [pattern: string, every: string])[] = [
  ["half[- ]?years?|six months|6 months|semesters?", "P6M"],
  ["years?|yrs?|annum", "P1Y"],
  ["quarters?|qtrs?|three months|3 months", "P3M"],
  ["half[- ]?months?", "P0.5M"],
  ["(?:two|2) months", "P2M"],
  ["(?:four|4) months", "P4M"],
  ["months?|mths?|mo", "P1M"],
  ["fortnights?|(?:two|2) weeks|(?:other|second) week", "P2W"],
  ["(?:four|4) weeks", "P4W"],
  ["weeks?|wks?", "P1W"],
  ["days?", "P1D"],
];

/** How many times a year, and how long it is from one time to the next. */
const TIMES_A_YEAR: Readonly<Record<number, string>> = {
  1: "P1Y",
  2: "P6M",
  3: "P4M",
  4: "P3M",
  6: "P2M",
  8: "P1.5M",
  12: "P1M",
  13: "P4W",
  24: "P0.5M",
  26: "P2W",
  52: "P1W",
  360: "P1D",
  365: "P1D",
};

const TIMES_PATTERN = String.raw`(?:twice|thrice|(?:\d{1,3}|${NUMBER_WORDS.join("|")}) times) (?:a|per|each|every|in a|in each) (?:year|annum)`;

const union = (table: readonly (readonly [string, string])[]) =>
  table.map(([pattern]) => pattern).join("|");

/** Matches "monthly", "twice a year", "13 times per year". */
export const FREQUENCY_PATTERN = `(?:${TIMES_PATTERN}|${union(ADVERBS)})`;

/** The same behind a word that says what happens so often: also "every two months", "each quarter". */
export const FREQUENCY_OF_PATTERN = `(?:${TIMES_PATTERN}|${union(ADVERBS)}|(?:every|each|per) (?:${union(NOUNS)}))`;

/** Matches the period after "per" or "a": "month", "half-year". */
export const PERIOD_PATTERN = `(?:${union(NOUNS)})`;

const WHOLE_TIMES = new RegExp(`^${TIMES_PATTERN}$`);
const WHOLE = [...ADVERBS, ...NOUNS].map(([pattern, every]) => ({
  pattern: new RegExp(`^(?:${pattern})$`),
  every,
}));

/** The end of each period is when payments usually fall, so it says no more than the period does. */
const AT_EACH_END =
  /^(?:at |on )?(?:the )?end of (?:each |every |the |a )?|^(?:per|an?|each|every)\s+|(?:['’]s)?[- ]ends?$/g;

/**
 * The ISO 8601 length between two happenings: of a text that matches either pattern, or of "year end", "end of
 * each month"; else `null`.
 */
export function readFrequency(text: string): string | null {
  const words = text.trim().toLowerCase().replace(/\s+/g, " ");
  const times = WHOLE_TIMES.exec(words)?.[0];
  if (times !== undefined) return TIMES_A_YEAR[timesOf(times)] ?? null;
  const plain = words.replace(AT_EACH_END, "").trim();
  return WHOLE.find(({ pattern }) => pattern.test(words) || pattern.test(plain))?.every ?? null;
}

function timesOf(words: string): number {
  const [said = ""] = words.split(" ");
  if (said === "twice") return 2;
  if (said === "thrice") return 3;
  return /^\d/.test(said) ? Number(said) : NUMBER_WORDS.indexOf(said) + 1;
}

/** The ISO 8601 length between compounding dates, of their number in a year; `null` for an unusual one. */
export function periodOfTimesAYear(times: number): string | null {
  return TIMES_A_YEAR[times] ?? null;
}
