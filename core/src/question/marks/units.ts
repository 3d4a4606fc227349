import type { Token } from "../text/tokens";

/** A word or two for a length of time, as ISO 8601 has it. */
export interface UnitAt {
  readonly iso: string;
  readonly next: number;
}

/** The length of each word, of a table that has the words of each length. */
function byWord(table: Readonly<Record<string, string>>): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(table).flatMap(([iso, words]) => words.split(" ").map((word) => [word, iso])),
  );
}

const UNIT_WORDS = byWord({
  P1D: "day days",
  P1W: "week weeks wk wks monday tuesday wednesday thursday friday saturday sunday",
  P2W: "fortnight fortnights",
  P1M: "month months mth mths mo mos",
  P3M: "quarter quarters qtr",
  P6M: "semester semesters halfyear",
  P1Y: "year years yr yrs annum",
  P10Y: "decade decades",
});

/** The unit of time that begins at a token: "months", "half years". */
export function unitAt(tokens: readonly Token[], at: number): UnitAt | null {
  const word = tokens[at]?.word ?? "";
  const next = tokens[at + 1]?.word ?? "";
  if (word === "half" && /^(?:year|years|yearly)$/.test(next)) {
    return next === "yearly" ? null : { iso: "P6M", next: at + 2 };
  }
  const iso = UNIT_WORDS[word];
  return iso === undefined ? null : { iso, next: at + 1 };
}

/** The unit that a text of a length of time names last: 12 months are counted in months, though they are a year. */
export function unitIn(text: string): string | null {
  const words = text.toLowerCase().split(/[\s-]+/);
  return words.map((word) => UNIT_WORDS[word]).findLast((iso) => iso !== undefined) ?? null;
}

const ADVERBS = byWord({
  P1D: "daily",
  P1W: "weekly",
  P2W: "fortnightly biweekly",
  P1M: "monthly",
  P3M: "quarterly",
  P6M: "semiannual semiannually halfyearly biannual biannually",
  P1Y: "yearly annual annually",
});

const TWO_WORD_ADVERBS: Readonly<Record<string, string>> = {
  "half yearly": "P6M",
  "semi annual": "P6M",
  "semi annually": "P6M",
  "bi annual": "P6M",
  "bi annually": "P6M",
  "bi weekly": "P2W",
  "semi monthly": "P0.5M",
  "six monthly": "P6M",
  "three monthly": "P3M",
  "two monthly": "P2M",
  "four weekly": "P4W",
  "four monthly": "P4M",
  "two weekly": "P2W",
};

const FIRST_OF_TWO = new Set(Object.keys(TWO_WORD_ADVERBS).map((words) => words.split(" ")[0]));

/** The word for a frequency that begins at a token: "monthly", "semi-annually". */
export function adverbAt(tokens: readonly Token[], at: number): UnitAt | null {
  const word = tokens[at]?.word ?? "";
  const iso = ADVERBS[word];
  if (!FIRST_OF_TWO.has(word)) return iso === undefined ? null : { iso, next: at + 1 };
  const next = tokens[at + 1];
  const two = TWO_WORD_ADVERBS[`${word} ${next?.word ?? ""}`];
  // "Three monthly rents" are three.
  const isCounted = /^(?:two|three|four|six)$/.test(word) && next?.isJoined !== true;
  if (two !== undefined && !isCounted) return { iso: two, next: at + 2 };
  return iso === undefined ? null : { iso, next: at + 1 };
}
