import { namesOf, type Names } from "../input/names";
import type { Discounting, SaidQuotation } from "../input/rate-words";
import { readLinkedRate, type SaidRate } from "../input/read-linked-rate";
import { positionOf, readPosition, type SaidTime } from "../input/read-position";
import { readUnknownRate } from "../input/read-rate";
import { takesUp } from "../input/take-up";
import type { Rate } from "../../engine/problem/schema";
import type { Quotation } from "../../engine/rates/quotation";
import type { Conventions, RateLine, TypedRateLine } from "./draft";
import { readField, readKnownField, takingUp, valueOf, type FieldReading } from "./field";
import {
  AS_PAID,
  followsPayments,
  ownQuotation,
  quotationKey,
  setQuotation,
} from "./quotation-key";

export type RateReading =
  | {
      readonly kind: "rate";
      readonly percent: FieldReading<SaidRate>;
      /** How the rate is quoted: the words in the field go before the line's own choice. */
      readonly quotation: Quotation;
      /** What says how it is compounded: see `compoundedBy` of the line. */
      readonly compoundedBy: TypedRateLine["compoundedBy"];
      /** `null` for the first line, which holds from today. */
      readonly from: FieldReading<SaidTime> | null;
    }
  | { readonly kind: "kept" };

/**
 * How a rate line's own choice has it quoted.
 *
 * @param usual how often interest is compounded while nobody says so, ISO 8601
 */
export function quotationOfLine(line: TypedRateLine, usual: string): Quotation {
  if (followsPayments(line)) return { quoted: "nominal", compounding: usual };
  return ownQuotation(line);
}

/** What the words of a rate line are read by. */
export interface RateContext {
  readonly usual: string;
  readonly names: Names;
  readonly discounting: Discounting;
  readonly rateAsked: Conventions["rateAsked"];
}

const NO_NAMES = namesOf([]);

export function readRateLine(
  line: RateLine,
  index: number,
  { usual, names, discounting, rateAsked }: RateContext,
): RateReading {
  if (line.kind === "kept") return { kind: "kept" };
  const { percent, said } = readPercentField(line.percent, index, { names, discounting });
  const meant: TypedRateLine = { ...line };
  if (said !== null) takeQuotation(meant, said);
  const isAskedFor = percent.state === "unknown" && followsPayments(meant);
  return {
    kind: "rate",
    percent,
    quotation:
      isAskedFor && rateAsked === "effective"
        ? { quoted: "effective" }
        : quotationOfLine(meant, usual),
    compoundedBy: meant.compoundedBy,
    from:
      index === 0
        ? null
        : readKnownField(
            line.from,
            takingUp(names, "years", (text) => readPosition(text, names)),
          ),
  };
}

/** The figure of a rate, and what the words beside it say; the unknown may have words too. */
function readPercentField(
  text: string,
  index: number,
  { names, discounting }: Pick<RateContext, "names" | "discounting">,
): { readonly percent: FieldReading<SaidRate>; readonly said: SaidQuotation | null } {
  const unknown = readUnknownRate(text);
  if (unknown !== null) {
    const [found] = unknown.ok ? [] : unknown.issues;
    return found === undefined
      ? { percent: { state: "unknown" }, said: unknown.ok ? unknown.value : null }
      : { percent: { state: "issue", issue: found }, said: null };
  }
  const percent = readField(
    text,
    takingUp(names, "percent", (typed) => readLinkedRate(typed, index, discounting)),
  );
  const value = valueOf(percent);
  return { percent, said: value === null || "plus" in value ? null : value };
}

/** Puts on a rate line what the words beside its figure say; what they say nothing of stays. */
export function takeQuotation(
  line: TypedRateLine,
  { quotation, yearly, asPaid }: SaidQuotation,
): void {
  if (quotation !== undefined) setQuotation(line, quotationKey(quotation));
  // "6% a year" in a line quoted per quarter: the words win, and say nothing of compounding.
  else if (asPaid === true || (yearly === true && line.quoted === "periodic")) {
    setQuotation(line, AS_PAID);
  }
}

/**
 * Moves what the words beside a figure say to the line's own choice; the figure, or the mark of the unknown, stays.
 * What takes up the answer of another part stays as it is typed.
 * Changes the line in place.
 *
 * @param index which rate of the problem it is, from 0
 */
export function tidyRateLine(line: TypedRateLine, index: number): void {
  if (takesUp(line.percent)) return;
  const { percent, said } = readPercentField(line.percent, index, {
    names: NO_NAMES,
    discounting: "by-interest",
  });
  const hasWords = said?.quotation ?? said?.yearly ?? said?.asPaid;
  if (said === null || hasWords === undefined) return;
  const value = valueOf(percent);
  line.percent = value === null || "plus" in value ? "?" : value.figure;
  takeQuotation(line, said);
}

/** The rate of a line; what cannot be read in it is unknown. */
export function rateOfLine(line: RateLine, reading: RateReading | undefined): Rate {
  if (line.kind === "kept") return line.rate;
  if (reading?.kind !== "rate") throw new TypeError("A line and its reading belong together");
  const from = reading.from === null ? null : valueOf(reading.from);
  return {
    percent: percentOf(valueOf(reading.percent)),
    ...reading.quotation,
    ...(from === null ? {} : { from: positionOf(from) }),
  };
}

function percentOf(said: SaidRate | null): Rate["percent"] {
  if (said === null) return null;
  return "plus" in said ? { plus: said.plus, of: said.of } : said.percent;
}
