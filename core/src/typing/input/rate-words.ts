import { issue } from "../../engine/issues/issue";
import type { Quotation } from "../../engine/rates/quotation";
import { fail, succeed, type Result } from "../../engine/result";
import {
  FREQUENCY_OF_PATTERN,
  FREQUENCY_PATTERN,
  PERIOD_PATTERN,
  periodOfTimesAYear,
  readFrequency,
} from "./frequency";

/** What the words beside the figure of a rate say. */
export interface SaidQuotation {
  readonly quotation?: Quotation;
  /** "A year", and nothing about compounding. */
  readonly yearly?: true;
  /** Nominal, compounded as often as money is paid: what an annual percentage rate is. */
  readonly asPaid?: true;
}

/** What a bare "discount rate" is: a rate of interest to discount by, as for projects; or it has to be asked. */
export type Discounting = "by-interest" | "asked";

/** The figure beside the words, for what is asked back. */
export interface BesideWords {
  /** The whole text, as typed. */
  readonly typed: string;
  /** The figure as typed, with its sign of percent. */
  readonly figure: string;
  /** In percent; `null` for the unknown. */
  readonly percent: number | null;
}

/** Textbook notation and abbreviations, in the words that they stand for. */
const IN_WORDS: readonly (readonly [short: RegExp, words: string])[] = [
  [/\bc\.\s?s\.?\s?a\b\.?|\bcsa\b/g, " compounded half-yearly "],
  [/\bc\.\s?m\b\.?/g, " compounded monthly "],
  [/\bc\.\s?q\b\.?/g, " compounded quarterly "],
  [/\bc\.\s?a\b\.?/g, " compounded yearly "],
  [/\bc\.\s?w\b\.?/g, " compounded weekly "],
  [/\bc\.\s?d\b\.?/g, " compounded daily "],
  [/\bc\.\s?c\b\.?/g, " compounded continuously "],
  [/\b(?:comp|cpd|cmpd)\b\.?/g, " compounded "],
  [/\bannual percentage rates?\b/g, " apr "],
  [/\b(?:annual percentage yield|annual equivalent rate)\b/g, " effective "],
  [/\b(?:apy|aer|ear|eir)\b/g, " effective "],
  [/\bdaily\s*\(\s*36[05]\s*\)/g, " daily "],
  [/\(\s*(\d{1,3})\s*\)/g, " compounded $1 times a year "],
  [new RegExp(String.raw`\(\s*(${FREQUENCY_PATTERN})\s*\)`, "g"), " compounded $1 "],
  [/\bhurdle rate\b|\bcost of capital\b|\brequired (?:rate of )?return\b/g, " "],
  [/[()]/g, " "],
];

const CONTINUOUS =
  /\b(?:(?:compound(?:ed|ing)?|convertible)\s+)?continuous(?:ly)?(?:\s+compound(?:ed|ing))?\b|\bforce of interest\b/;
const EFFECTIVE = /\beffective(?:ly)?\b/;
const SIMPLE = /\bsimple\b(?!\s+discount)/;
const BANK_DISCOUNT = /\b(?:bank|banker'?s|simple)\s+discount\b/;
const DISCOUNT = /\b(?:compound )?discount(?:\s+(?:rate|factor))?\b|\brate of discount\b/;
const AS_PAID = /\bapr\b/;
const COMPOUNDED = new RegExp(
  String.raw`\b(?:compound(?:ed|ing)?|convertible|payable|credited|capitali[sz]ed|nominal)\s+(${FREQUENCY_OF_PATTERN})\b(?!\s+(?:interest\s+)?rate)|\b(${FREQUENCY_PATTERN})\s+compound(?:ed|ing)\b`,
);

/** "A monthly rate" is that of each month. */
const RATE_OF_EACH = new RegExp(String.raw`\b(${FREQUENCY_PATTERN})\s+(?:interest\s+)?rate\b`);
const EACH = new RegExp(
  String.raw`(?:\b(?:an?|per|for each|for every|each|every)\s+|/\s*)(${PERIOD_PATTERN})\b`,
);

const PER_ANNUM = /\bp\.?\s?a\b\.?/;
const ADVERB = new RegExp(String.raw`\b(${FREQUENCY_PATTERN})\b`);
const FILLER = /\b(?:interest|rate|nominal|of|at|with|and|the|is|compound)\b|[,;]/g;

/** As much as this each day would be a hundredfold in a year: it is a yearly rate compounded daily. */
const LEAST_NOMINAL_DAILY = 1;

/**
 * Takes each thing that the words can say out of them; whatever is left was not understood.
 *
 * @param discounting what "discount rate 6%" means: the rate at which a project is discounted, or a question
 * @returns fails with `percent-not-understood`; with `rate-frequency-unclear` for "0.5% monthly", which may be the rate
 *   of each month or a yearly one compounded monthly; with `discount-unclear` for "6% discount", which may be bank
 *   discount, compound discount, or a rate of interest to discount by
 */
export function readRateWords(
  words: string,
  beside: BesideWords,
  discounting: Discounting,
): Result<SaidQuotation> {
  let rest = ` ${words.toLowerCase()} `;
  for (const [short, long] of IN_WORDS) rest = rest.replace(short, long);
  rest = rest.replace(/\s+/g, " ");
  const takeOut = (pattern: RegExp): string | null => {
    const match = pattern.exec(rest);
    if (match === null) return null;
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
    const groups: (string | undefined)[] = match.slice(1);
    return groups.find((group) => group !== undefined) ?? match[0];
  };
  const nominal = /\bnominal\b/.test(rest);
  const simple = takeOut(SIMPLE) !== null;
  const bankDiscount = takeOut(BANK_DISCOUNT) !== null;
  const discount = takeOut(DISCOUNT);
  const continuous = takeOut(CONTINUOUS) !== null;
  const effective = takeOut(EFFECTIVE) !== null;
  const asPaid = takeOut(AS_PAID) !== null;
  const compounded = takeOut(COMPOUNDED);
  const rateOf = effective ? null : takeOut(RATE_OF_EACH);
  const perAnnum = takeOut(PER_ANNUM) !== null;
  // Before "a year" is taken out, "twice a year" must have been.
  const adverb = takeOut(ADVERB);
  const period = takeOut(EACH);
  const left = rest.replace(FILLER, " ").trim();
  if (left !== "") return notUnderstood(beside.typed, left);

  const compounding = compounded === null ? null : readFrequency(compounded);
  if (compounded !== null && compounding === null) return notUnderstood(beside.typed, compounded);
  const named = rateOf === null ? null : readFrequency(rateOf);
  // "A nominal monthly rate" is compounded monthly; "a monthly rate" is that of each month.
  const isCompounding = nominal && named !== "P1Y" && adverb === null;
  const often = isCompounding ? named : adverb === null ? null : readFrequency(adverb);
  const each = perAnnum ? "P1Y" : period === null ? null : readFrequency(period);
  const every = each ?? (isCompounding ? null : named);
  if (simple || bankDiscount) {
    const isOther = compounding !== null || continuous || effective || asPaid || discount !== null;
    // "1% a month simple" is 12% a year, which only its own line could say.
    return isOther || (every ?? often ?? "P1Y") !== "P1Y"
      ? notUnderstood(beside.typed, words.trim())
      : succeed({ quotation: { quoted: simple ? "simple" : "bank-discount" } });
  }
  if (discount !== null) {
    if (compounding !== null && every !== null && every !== "P1Y") {
      return notUnderstood(beside.typed, words.trim());
    }
    if (compounding !== null) {
      return succeed({ quotation: { quoted: "nominal-discount", compounding } });
    }
    if (effective || discount.startsWith("compound")) {
      return succeed({ quotation: { quoted: "effective-discount" } });
    }
    return discounting === "asked"
      ? fail(issue("discount-unclear", [], { percent: beside.figure }))
      : succeed(every === null ? {} : { yearly: true });
  }
  if (continuous) return succeed({ quotation: { quoted: "continuous" } });
  if (effective) return succeed({ quotation: effectivePer(every ?? often ?? "P1Y") });
  if (compounding !== null) return compoundedEvery(compounding, every, beside, words);
  if (asPaid) return succeed({ asPaid: true });
  if (every !== null && every !== "P1Y") {
    return succeed({ quotation: { quoted: "periodic", compounding: every } });
  }
  if (often === null) return succeed(every === null ? {} : { yearly: true });
  const isDaily = often === "P1D" && (beside.percent ?? 0) >= LEAST_NOMINAL_DAILY;
  if (every === "P1Y" || nominal || often === "P1Y" || isDaily) {
    return succeed({ quotation: { quoted: "nominal", compounding: often } });
  }
  return fail(
    issue("rate-frequency-unclear", [], {
      percent: beside.figure,
      each: NOUN_OF[often] ?? "period",
      compounded: adverb ?? "",
    }),
  );
}

function effectivePer(period: string): Quotation {
  return period === "P1Y" ? { quoted: "effective" } : { quoted: "periodic", compounding: period };
}

const NOUN_OF: Readonly<Record<string, string>> = {
  P6M: "half-year",
  P3M: "quarter",
  P1M: "month",
  "P0.5M": "half-month",
  P2W: "fortnight",
  P1W: "week",
  P1D: "day",
};

function compoundedEvery(
  compounding: string,
  every: string | null,
  { typed }: BesideWords,
  words: string,
): Result<SaidQuotation> {
  if (every === null || every === "P1Y") {
    return succeed({ quotation: { quoted: "nominal", compounding } });
  }
  // "1.8% a quarter, compounded quarterly" says the same thing twice; other pairs contradict.
  return every === compounding
    ? succeed({ quotation: { quoted: "periodic", compounding } })
    : notUnderstood(typed, words.trim());
}

function notUnderstood(typed: string, at: string): Result<never> {
  return fail(issue("percent-not-understood", [], { typed, at }));
}

/**
 * Puts what is said before a figure behind it, in words: `j2 = 6%` becomes `6% compounded 2 times a year`,
 * "a nominal rate of 6%" `6% nominal rate of`.
 */
export function wordsLast(text: string): string {
  const symbol = /^j\s*_?[({]?\s*(\d{1,3}|∞)\s*[)}]?\s*=\s*/i.exec(text);
  if (symbol !== null) {
    const [whole, times = ""] = symbol;
    const words =
      times === "∞"
        ? "compounded continuously"
        : periodOfTimesAYear(Number(times)) === null
          ? whole.trim()
          : `compounded ${times} times a year`;
    return `${text.slice(whole.length)} ${words}`;
  }
  const discount = /^d\s*_?[({]?\s*(\d{1,3})\s*[)}]?\s*=\s*/i.exec(text);
  if (discount !== null) {
    const [whole, times = ""] = discount;
    return `${text.slice(whole.length)} discount compounded ${times} times a year`;
  }
  if (/^d\s*=\s*/i.test(text)) return `${text.replace(/^d\s*=\s*/i, "")} rate of discount`;
  const force = /^(?:δ|delta)\s*=\s*/i.exec(text);
  if (force !== null) return `${text.slice(force[0].length)} force of interest`;
  const named = /^(?:i|r|j)\s*=\s*/i.exec(text);
  if (named !== null) return text.slice(named[0].length);
  const match = BEFORE.exec(text);
  return match === null
    ? text
    : `${text.slice(match[0].length)} ${match[0].replace(/\b(?:an?|the|at)\s|[=:]/gi, "").trim()}`;
}

const BEFORE = new RegExp(
  String.raw`^(?:(?:an?|the|at|nominal|effective|continuous|simple|compound|bank|interest|force|rate|of|is|apr|apy|aer|ear|discount|hurdle|${FREQUENCY_PATTERN})\s*[=:]?\s+)+(?=[-−–+?？\d.(])`,
  "i",
);
