import type { FlowOf, Problem } from "../../engine/problem/schema";
import type { Quotation } from "../../engine/rates/quotation";
import { frequencyWords } from "../../wording/quotation-words";
import type { Names } from "./names";
import {
  asTold,
  firstWords,
  growthWords,
  lengthWords,
  moneyWords,
  paidWords,
  rateWords,
} from "./words";

/** What every story tells of a problem. */
export interface Plot {
  readonly names: Names;
  readonly currency: string | undefined;
  /** "£5,000" */
  readonly money: (amount: number) => string;
  /** "6.9% a year, compounded monthly"; `null` where the rate is asked for. */
  readonly rate: string | null;
  /** "Find the nominal annual rate, compounded monthly." */
  readonly askRate: string;
}

/** @returns `null` where a story has no words for the rate, or the problem for dates */
export function plotOf({ rates, currency, today }: Problem, names: Names): Plot | null {
  const [rate] = rates;
  if (rate === undefined || rates.length > 1 || today !== undefined) return null;
  const { percent } = rate;
  if (percent !== null && typeof percent !== "number") return null;
  const asked = askedRate(asTold(rate));
  if (asked === null) return null;
  return {
    names,
    currency,
    money: (amount) => moneyWords(amount, currency),
    rate: percent === null ? null : rateWords(percent, rate),
    askRate: `Find the ${asked}.`,
  };
}

function askedRate(rate: Quotation): string | null {
  switch (rate.quoted) {
    case "nominal":
      return `nominal annual rate, compounded ${frequencyWords(rate.compounding).adverb}`;
    case "effective":
      return "effective annual rate";
    case "periodic":
      return `interest rate per ${frequencyWords(rate.compounding).noun}`;
    case "continuous":
      return "annual rate, compounded continuously";
    case "simple":
      return "annual rate of simple interest";
    default:
      return null;
  }
}

export const known = (amount: unknown): amount is number => typeof amount === "number";

/** How long payments go on: " for 5 years", " for ever"; nothing where that is asked for. */
function duration(stream: FlowOf<"stream">): string | null {
  if (stream.count === null) return "";
  if (stream.count === "forever") return " for ever";
  const length = lengthWords(stream);
  return length === null ? null : ` for ${length}`;
}

/** "£140 at the end of each month for 5 years, the first in 2 years, rising by 3% each year" */
export function paymentWords(plot: Plot, stream: FlowOf<"stream">, amount: string): string | null {
  const length = duration(stream);
  if (length === null) return null;
  const parts = [
    `${amount} ${paidWords(stream)}${length}`,
    firstWords(stream),
    growthWords(stream, plot.currency),
  ];
  const told = parts.filter((part) => part !== null);
  return told.length > 1 ? `${told.join(", ")},` : told.join("");
}
