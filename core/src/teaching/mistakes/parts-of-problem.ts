import type {
  Flow,
  FlowOf,
  KnownPosition,
  Position,
  Problem,
  Rate,
} from "../../engine/problem/schema";
import { compoundingLaw, forceUnder } from "../../engine/rates/compounding-law";
import { isCompound, type Quotation } from "../../engine/rates/quotation";
import { frequencyOf } from "../../engine/time/duration";
import { yearsOfMoment } from "../../engine/time/moment";
import { calendarOf } from "../../engine/problem/calendar-of";

/** A flow with its place in the problem. */
export interface Placed<One> {
  readonly index: number;
  readonly flow: One;
}

export function streamsOf({ flows }: Problem): Placed<FlowOf<"stream">>[] {
  return flows.flatMap((flow, index) => (flow.kind === "stream" ? [{ index, flow }] : []));
}

export function singlesOf({ flows }: Problem): Placed<FlowOf<"single">>[] {
  return flows.flatMap((flow, index) => (flow.kind === "single" ? [{ index, flow }] : []));
}

export function listsOf({ flows }: Problem): Placed<FlowOf<"list">>[] {
  return flows.flatMap((flow, index) => (flow.kind === "list" ? [{ index, flow }] : []));
}

export function withFlow(problem: Problem, index: number, flow: Flow): Problem {
  return { ...problem, flows: problem.flows.with(index, flow) };
}

/** A problem without one of its flows; `null` if another refers to it, or too few flows would be left. */
export function withoutFlow(problem: Problem, index: number): Problem | null {
  const { id } = problem.flows[index] ?? { id: "" };
  const rest = problem.flows.filter((_, place) => place !== index);
  const least = problem.ask === undefined ? 2 : 1;
  const text = JSON.stringify([rest, problem.rates, problem.ask ?? null, problem.focal ?? null]);
  if (rest.length < least || text.includes(`"of":"${id}"`) || text.includes(`"endOf":"${id}"`))
    return null;
  // A follow-up may refer to the flow removed.
  return { ...problem, flows: rest, also: undefined };
}

export function withRate(problem: Problem, index: number, rate: Rate): Problem {
  return { ...problem, rates: problem.rates.with(index, rate) };
}

/** Compounding periods a year of a rate that has them; 1 of an effective one, `null` of a continuous one. */
export function compoundingsOf(rate: Rate): number | null {
  if ("compounding" in rate) return frequencyOf(rate.compounding);
  return rate.quoted.startsWith("effective") ? 1 : null;
}

/** How many times a year a rate holds as it is told: the periods of a periodic rate, and once for any other. */
export function toldPerYear(rate: Rate): number {
  return rate.quoted === "periodic" ? (compoundingsOf(rate) ?? 1) : 1;
}

/** A rate with another quotation, but the same value, start and unknown. */
export function requoted(
  rate: Rate,
  quotation: Quotation,
  percent: Rate["percent"] = rate.percent,
): Rate {
  return { ...quotation, percent, ...(rate.from === undefined ? {} : { from: rate.from }) };
}

/** The rate for one period, in percent, from a quoted rate. */
export function percentPerPeriod(rate: Rate, percent: number, every: string): number {
  return Math.expm1(forceUnder(percent, compoundingLaw(rate)) / frequencyOf(every)) * 100;
}

/** The payment periods for which a rate must be converted, rather than divided. */
export function restatedPeriods(problem: Problem, rate: Rate): string[] {
  if (!isCompound(rate)) return [];
  const paid = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
  return paid.filter(
    (every) => rate.quoted === "continuous" || frequencyOf(every) !== compoundingsOf(rate),
  );
}

/** Years from today of a time that is said outright. */
export function yearsAt(
  problem: Problem,
  position: Position | KnownPosition | undefined,
): number | null {
  return typeof position === "string" ? yearsOfMoment(position, calendarOf(problem)) : null;
}

/** Whether interest is added to what earns it. */
export function isCompounded({ rates }: Problem): boolean {
  return rates.every(isCompound);
}

/** The end of the payments of a stream, in years; `null` if it is unknown, endless or given by another flow. */
export function endOf(problem: Problem, { begins, count, every }: FlowOf<"stream">): number | null {
  const start = yearsAt(problem, begins);
  return start === null || typeof count !== "number" ? null : start + count / frequencyOf(every);
}
