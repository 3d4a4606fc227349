import { issue } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import type { Quotation } from "../rates/quotation";
import { fail, succeed, type Result } from "../result";
import { evaluateArithmetic } from "./arithmetic";
import { FRACTION_PATTERN, readFraction, spellFractions } from "./fraction";
import { FREQUENCY_PATTERN, PERIOD_PATTERN, readFrequency } from "./frequency";

export interface TypedRate {
  /** In percent, as quoted. */
  readonly percent: number;
  /** The figure without the words about how it is quoted, as typed: `6 3/8%`. */
  readonly figure: string;
  /** How it is quoted, where the text says so. */
  readonly quotation?: Quotation;
  /** The text says "a year" and nothing about compounding. */
  readonly yearly?: true;
}

const FIGURE = new RegExp(
  String.raw`^([-−–+]?\s*(?:${FRACTION_PATTERN}|[\d.,'’()*/+\-−–×\s]*[\d.)]))\s*(%|per\s?cent\b|percent\b|percentage points\b)?`,
  "i",
);

/**
 * Reads a rate as it is quoted: `6.25`, `6 3/8%`, `-0.5%`, `1.8% per quarter`,
 * `7.2% a year compounded fortnightly`, `5% effective`, `4% compounded continuously`.
 *
 * @returns the figure in percent and, where it is said, how it is quoted. Fails with
 *   `percent-missing`, `percent-not-understood` at what could not be read, `percent-too-large`,
 *   `comma-unclear`, and `rate-frequency-unclear` for "0.5% monthly", which may be the rate of each
 *   month or a yearly one compounded monthly
 */
export function readRate(typed: string): Result<TypedRate> {
  const text = wordsLast(spellFractions(typed.trim()));
  if (text === "") return fail(issue("percent-missing", [], {}));
  const match = FIGURE.exec(text);
  const [whole = "", digits = ""] = match ?? [];
  if (match === null) return notUnderstood(typed, text);
  const percent = readFigure(digits.trim());
  if (percent === null) return notUnderstood(typed, digits.trim());
  if (!percent.ok) return percent;
  if (Math.abs(percent.value) > LIMITS.percent) {
    return fail(issue("percent-too-large", [], { limit: LIMITS.percent }));
  }
  const figure = whole.trim();
  const words = readWords(typed, figure, text.slice(whole.length));
  if (!words.ok) return words;
  return succeed({ percent: percent.value, figure, ...words.value });
}

/** The figure of a rate alone, whatever else the text says of it. Fails as `readRate` does. */
export function readPercent(typed: string): Result<number> {
  const rate = readRate(typed);
  return rate.ok ? succeed(rate.value.percent) : rate;
}

/**
 * A rate with its quotation; one that is said bare is an effective yearly one. Fails as `readRate` does.
 */
export function readQuotedRate(typed: string): Result<Quotation & { readonly percent: number }> {
  const rate = readRate(typed);
  if (!rate.ok) return rate;
  const { percent, quotation = { quoted: "effective" } } = rate.value;
  return succeed({ ...quotation, percent });
}

/** "Nominal 6%" and "an effective rate of 5%" say the same as "6% nominal" and "5% effective". */
function wordsLast(text: string): string {
  const match = /^((?:an?|the|at|nominal|effective|interest|rate|of)\s+)+(?=[-−–+\d.])/i.exec(text);
  return match === null
    ? text
    : `${text.slice(match[0].length)} ${match[0].replace(/\b(?:an?|the|at)\s/gi, "").trim()}`;
}

function readFigure(text: string): Result<number> | null {
  const negative = /^[-−–]/.test(text);
  const fraction = readFraction(text.replace(/^[-−–+]\s*/, ""));
  if (fraction !== null) return succeed(negative ? -fraction : fraction);
  const worked = evaluateArithmetic(text);
  if (worked.ok) return worked;
  const [first] = worked.issues;
  return first?.code === "money-not-understood" ? null : worked;
}

type Quoting = Pick<TypedRate, "quotation" | "yearly">;

const CONTINUOUS =
  /\b(?:(?:compound(?:ed|ing)?|convertible)\s+)?continuous(?:ly)?(?:\s+compound(?:ed|ing))?\b|\bforce of interest\b/;
const EFFECTIVE = /\beffective(?:ly)?\b/;
const COMPOUNDED = new RegExp(
  String.raw`\b(?:compound(?:ed|ing)?|convertible|payable|credited|capitali[sz]ed|nominal)\s+(${FREQUENCY_PATTERN})\b|\b(${FREQUENCY_PATTERN})\s+compound(?:ed|ing)\b`,
);
const EACH = new RegExp(
  String.raw`(?:\b(?:an?|per|for each|for every|each)\s+|/\s*)(${PERIOD_PATTERN})\b`,
);
const PER_ANNUM = /\bp\.?\s?a\b\.?/;
const ADVERB = new RegExp(String.raw`\b(${FREQUENCY_PATTERN})\b`);
const FILLER = /\b(?:interest|rate|nominal|of|at|with|and|the|is|compound)\b|[,;]/g;

/** Takes each thing that the words can say out of them; whatever is left was not understood. */
function readWords(typed: string, figure: string, words: string): Result<Quoting> {
  let rest = ` ${words.toLowerCase()} `;
  const takeOut = (pattern: RegExp): string | null => {
    const match = pattern.exec(rest);
    if (match === null) return null;
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
    const groups: (string | undefined)[] = match.slice(1);
    return groups.find((group) => group !== undefined) ?? match[0];
  };
  const nominal = /\bnominal\b/.test(rest);
  const continuous = takeOut(CONTINUOUS) !== null;
  const effective = takeOut(EFFECTIVE) !== null;
  const compounded = takeOut(COMPOUNDED);
  const eachYear = takeOut(PER_ANNUM) !== null;
  // Before "a year" is taken out, "twice a year" must have been.
  const adverb = takeOut(ADVERB);
  const each = takeOut(EACH);
  const left = rest.replace(FILLER, " ").trim();
  if (left !== "") return notUnderstood(typed, left);

  const every = eachYear ? "P1Y" : each === null ? null : readFrequency(each);
  const compounding = compounded === null ? null : readFrequency(compounded);
  const often = adverb === null ? null : readFrequency(adverb);
  if (continuous) return succeed({ quotation: { quoted: "continuous" } });
  if (effective) {
    const period = every ?? often ?? "P1Y";
    return succeed({
      quotation:
        period === "P1Y" ? { quoted: "effective" } : { quoted: "periodic", compounding: period },
    });
  }
  if (compounding !== null) return compoundedEvery(compounding, every, typed, words);
  if (every !== null && every !== "P1Y") {
    return succeed({ quotation: { quoted: "periodic", compounding: every } });
  }
  if (often === null || often === "P1Y") {
    return succeed(every === null && often === null ? {} : { yearly: true });
  }
  if (every === "P1Y" || nominal) {
    return succeed({ quotation: { quoted: "nominal", compounding: often } });
  }
  return fail(
    issue("rate-frequency-unclear", [], {
      percent: figure,
      each: NOUN_OF[often] ?? "period",
      compounded: adverb ?? "",
    }),
  );
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
  typed: string,
  words: string,
): Result<Quoting> {
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
