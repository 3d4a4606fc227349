import type { Token } from "../text/tokens";

/** A word or two for a length of time, as ISO 8601 has it. */
export interface UnitAt {
  readonly iso: string;
  readonly next: number;
}

const UNIT_WORDS: Readonly<Record<string, string>> = {
  day: "P1D",
  days: "P1D",
  week: "P1W",
  weeks: "P1W",
  wk: "P1W",
  wks: "P1W",
  fortnight: "P2W",
  fortnights: "P2W",
  month: "P1M",
  months: "P1M",
  mth: "P1M",
  mths: "P1M",
  mo: "P1M",
  mos: "P1M",
  quarter: "P3M",
  quarters: "P3M",
  qtr: "P3M",
  semester: "P6M",
  semesters: "P6M",
  halfyear: "P6M",
  year: "P1Y",
  years: "P1Y",
  yr: "P1Y",
  yrs: "P1Y",
  annum: "P1Y",
  decade: "P10Y",
  decades: "P10Y",
};

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

const ADVERBS: Readonly<Record<string, string>> = {
  daily: "P1D",
  weekly: "P1W",
  fortnightly: "P2W",
  biweekly: "P2W",
  monthly: "P1M",
  quarterly: "P3M",
  semiannual: "P6M",
  semiannually: "P6M",
  halfyearly: "P6M",
  biannual: "P6M",
  biannually: "P6M",
  yearly: "P1Y",
  annual: "P1Y",
  annually: "P1Y",
};

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
