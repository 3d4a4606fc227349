import type { FlowOf } from "../../engine/problem/schema";
import { formatFigure, formatMoney } from "../../wording/format-number";
import { calendarDateWords, durationWords } from "../../wording/format-time";
import { USUAL_FORMAT } from "../../wording/answer-format";
import { eachPeriod, frequencyWords, quotationWords } from "../../wording/quotation-words";
import type { Quotation } from "../../engine/rates/quotation";
import { isDate } from "../../engine/time/moment";
import { durationInYears, parseDuration } from "../../engine/time/duration";
import { addSpans, timesSpan } from "../marks/span";
import type { Told } from "./figures";

/** How the facts of a problem are written in the text of a question, with every digit. */

const SIGNS: Readonly<Record<string, string>> = { GBP: "£", USD: "$", EUR: "€" };

/** £5,000, £140.50; an amount without a currency has the pound of our moor. */
export function moneyWords(amount: number, currency: string | undefined): string {
  const sign = currency === undefined ? "£" : (SIGNS[currency] ?? `${currency} `);
  const isInCents = Number(amount.toFixed(2)) === amount;
  const figure = Number.isInteger(amount)
    ? formatFigure(amount, 0)
    : isInCents
      ? formatMoney(amount)
      : formatFigure(amount, MOST_DECIMALS);
  return `${sign}${figure}`;
}

/** As many as a reader keeps. */
const MOST_DECIMALS = 12;

/** "6.9% a year, compounded monthly" */
export function rateWords(percent: number, quotation: Quotation): string {
  return `${percentWords(percent)} ${quotedWords(quotation)}`;
}

/** How a rate is quoted, to stand behind its figure. */
export function quotedWords(quotation: Quotation): string {
  return quotationWords(asTold(quotation));
}

/** A rate for a period of a year is an effective one, and is told as that: "a year" alone says less. */
export function asTold(quotation: Quotation): Quotation {
  const isYearly = quotation.quoted === "periodic" && quotation.compounding === "P1Y";
  return isYearly ? { quoted: "effective" } : quotation;
}

/** "£5,000", "an unknown amount" */
export function toldWords(told: Told, currency: string | undefined): string {
  return told.is === "known" ? moneyWords(told.amount, currency) : "an unknown amount";
}

export function percentWords(percent: number): string {
  return `${formatFigure(percent, MOST_DECIMALS).replace("−", "-")}%`;
}

/** "today", "in 3 years 4 months", "9 months ago", "on 1 March 2027". */
export function whenWords(moment: string): string {
  if (isDate(moment)) return `on ${calendarDateWords(moment)}`;
  const isPast = moment.startsWith("-");
  const words = spanWords(isPast ? moment.slice(1) : moment);
  if (words === "today") return words;
  return isPast ? `${words} ago` : `in ${words}`;
}

export function spanWords(iso: string): string {
  return durationWords(iso, USUAL_FORMAT);
}

/** "at the end of each month" */
export function paidWords({ every, timing }: FlowOf<"stream">): string {
  return `at the ${timing} of ${periodWords(every)}`;
}

/** "each month", "every 2 months" */
export function periodWords(every: string): string {
  return eachPeriod(frequencyWords(every).noun);
}

/** "3 years 4 months" that so many payments take; `null` where they take no length that has words of its own. */
export function lengthWords({ count, every }: FlowOf<"stream">): string | null {
  if (typeof count !== "number") return null;
  const span = timesSpan(count, every);
  const parsed = parseDuration(span);
  return parsed === null || !Number.isInteger(durationInYears(parsed) * 12)
    ? null
    : spanWords(span);
}

/** When the first is paid, where that is not a period from today or today itself: "the first in 2 years 1 month". */
export function firstWords(stream: FlowOf<"stream">): string | null {
  const { begins, timing, every } = stream;
  if (typeof begins !== "string" || begins === "P0D" || isDate(begins)) return null;
  return `the first ${whenWords(timing === "start" ? begins : addSpans(begins, every))}`;
}

/** "rising by 3% each year", "falling by £2 each year" */
export function growthWords(
  { growth }: FlowOf<"stream">,
  currency: string | undefined,
): string | null {
  if (growth === undefined) return null;
  const each = periodWords(growth.every);
  if ("percent" in growth) {
    if (growth.percent === null) return `rising by an unknown percentage ${each}`;
    return `${verb(growth.percent)} by ${percentWords(Math.abs(growth.percent))} ${each}`;
  }
  if (growth.amount === null) return `rising by an unknown fixed amount ${each}`;
  return `${verb(growth.amount)} by ${moneyWords(Math.abs(growth.amount), currency)} ${each}`;
}

const verb = (step: number) => (step < 0 ? "falling" : "rising");
