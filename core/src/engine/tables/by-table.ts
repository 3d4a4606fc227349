import { flowOfUnknown } from "../problem/unknown";
import type { Solution } from "../solve/solution";
import type { SolvedProblem } from "../solve/solved-problem";
import { frequencyOf } from "../time/duration";
import type { FactorTerms } from "./factor-kinds";
import { asWhole, isSameTime } from "../numbers/compare";

/** A problem as courses solve it with tables: one amount is another one times a factor. */
export interface ByTable {
  readonly terms: FactorTerms;
  /** For one period. */
  readonly percent: number;
  readonly periods: number;
  /** Periods a year. */
  readonly frequency: number;
  /** The amount, or each payment, that the factor is multiplied by; zero or more. */
  readonly each: number;
  /** What it comes to. */
  readonly whole: number;
  /** Which of them the problem seeks. */
  readonly sought: "each" | "whole" | "rate" | "periods";
  /** Flows of the problem that `each` and `whole` are. */
  readonly flows: { readonly each: number; readonly whole: number };
}

/**
 * Reads a solved problem as one factor of the tables: two amounts some periods apart, or level or growing
 * payments against one amount at their beginning or their end, under one rate.
 *
 * @returns `null` where the problem needs more than one factor, or a count of periods that is not whole,
 *   as no table has such a row
 */
export function byTable({ settled, unknown }: SolvedProblem): ByTable | null {
  const [spell] = settled.spells;
  const [first, second] = settled.flows;
  if (spell === undefined || settled.spells.length !== 1 || settled.flows.length !== 2) return null;
  if (first === undefined || second === undefined || unknown.kind === "value") return null;
  const line = flowOfUnknown(unknown);
  const soughtIn = (each: number): ByTable["sought"] | null => {
    switch (unknown.kind) {
      case "amount":
        return line === each ? "each" : "whole";
      case "percent":
        return "rate";
      case "count":
      case "at":
        return "periods";
      default:
        return null;
    }
  };
  const perPeriod = (frequency: number) => Math.expm1(spell.force / frequency) * 100;
  if (first.kind === "single" && second.kind === "single") {
    if (first.amount * second.amount >= 0) return null;
    const [early, late] = first.at <= second.at ? [0, 1] : [1, 0];
    const [from, to] = early === 0 ? [first, second] : [second, first];
    const frequency =
      "compounding" in spell.quotation ? frequencyOf(spell.quotation.compounding) : 1;
    const periods = wholeOr(unknown.kind, (to.at - from.at) * frequency);
    // A present value is looked up as one, a future value as the other.
    const isPresent = unknown.kind === "amount" && line === early;
    const [each, whole] = isPresent ? [late, early] : [early, late];
    const sought = soughtIn(each);
    if (periods === null || sought === null) return null;
    return {
      terms: {
        kind: isPresent ? "present-of-one" : "future-of-one",
        timing: "end",
        growthPercent: 0,
      },
      percent: perPeriod(frequency),
      periods,
      frequency,
      each: Math.abs(isPresent ? to.amount : from.amount),
      whole: Math.abs(isPresent ? from.amount : to.amount),
      sought,
      flows: { each, whole },
    };
  }
  const place = first.kind === "stream" ? 0 : 1;
  const [stream, single] = place === 0 ? [first, second] : [second, first];
  if (stream.kind !== "stream" || single.kind !== "single") return null;
  if (stream.amount * single.amount >= 0 || !Number.isFinite(stream.count)) return null;
  const { growth, frequency } = stream;
  const isEvery = growth === null || (growth.by === "percent" && growth.payments === growth.steps);
  const periods = wholeOr(unknown.kind, stream.count);
  const isPresent = isSameTime(single.at, stream.begins);
  const isFuture = isSameTime(single.at, stream.begins + stream.count / frequency);
  const sought = soughtIn(place);
  if (!isEvery || periods === null || sought === null || !(isPresent || isFuture)) return null;
  const plain = isPresent ? "present-of-payments" : "future-of-payments";
  const growing = isPresent ? "present-of-growing" : "future-of-growing";
  return {
    terms: {
      kind: growth === null ? plain : growing,
      timing: stream.timing,
      growthPercent: growth?.figure ?? 0,
    },
    percent: perPeriod(frequency),
    periods,
    frequency,
    each: Math.abs(stream.amount),
    whole: Math.abs(single.amount),
    sought,
    flows: { each: place, whole: 1 - place },
  };
}

/** A row of a table is whole; a count that is sought lies between two rows. */
function wholeOr(kind: Solution["unknown"]["kind"], periods: number): number | null {
  if (kind === "count" || kind === "at") return periods > 0 ? periods : null;
  const whole = asWhole(periods);
  return whole !== null && whole >= 1 ? whole : null;
}
