import { isSameTime } from "../../engine/numbers/compare";
import type { FlowOf, Problem } from "../../engine/problem/schema";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import { isoYears } from "../../engine/time/moment";
import { endOf, singlesOf, streamsOf, withFlow, yearsAt, type Placed } from "./parts-of-problem";

/** A single amount whose date is known. */
export interface DatedSingle extends Placed<FlowOf<"single">> {
  readonly at: number;
}

/** The single amounts of a problem with their dates, also of those that wait for the end of payments. */
export function datedSingles(problem: Problem): DatedSingle[] {
  return singlesOf(problem).flatMap(({ index, flow }) => {
    const at = yearsOf(problem, flow);
    return at === null ? [] : [{ index, flow, at }];
  });
}

function yearsOf(problem: Problem, { at }: FlowOf<"single">): number | null {
  if (typeof at !== "object" || at === null) return yearsAt(problem, at);
  const stream = streamsOf(problem).find(({ flow }) => flow.id === at.endOf);
  return stream === undefined ? null : endOf(problem, stream.flow);
}

/** A problem with one of its single amounts at another date, in years. */
export function movedTo(problem: Problem, { index, flow }: DatedSingle, years: number): Problem {
  return withFlow(problem, index, { ...flow, at: isoYears(years) });
}

/** The same with every single amount at a date of its own, whatever it waited for. */
export function withOwnDates(problem: Problem): Problem {
  return datedSingles(problem).reduce(
    (whole, single) => movedTo(whole, single, single.at),
    problem,
  );
}

/** Whether nothing but single amounts replace one another: debts, and what is paid instead of them. */
export function isDebts(problem: Problem): boolean {
  return problem.flows.length > 2 && problem.flows.every(({ kind }) => kind === "single");
}

/** The only stream of a problem, with its ends in years, where both are known. */
export interface OnlyStream extends Placed<FlowOf<"stream">> {
  readonly begins: number;
  readonly ends: number;
  readonly count: number;
}

export function onlyStreamOf(problem: Problem): OnlyStream | null {
  const [only, ...others] = streamsOf(problem);
  if (only === undefined || others.length > 0) return null;
  const begins = yearsAt(problem, only.flow.begins);
  const ends = endOf(problem, only.flow);
  const { count } = only.flow;
  if (begins === null || ends === null || typeof count !== "number") return null;
  return { ...only, begins, ends, count };
}

/** The amount of a single or of each payment once it is known, zero or more, by its place among the flows. */
export function sizeOf({ settled: { flows } }: SolvedProblem, index: number): number {
  const flow = flows[index];
  return flow !== undefined && "amount" in flow ? Math.abs(flow.amount) : Number.NaN;
}

/** A problem with what is due at a date due at another one, in years. */
export function withEndMoved(problem: Problem, from: number, to: number): Problem {
  return singlesAt(problem, from).reduce((whole, single) => movedTo(whole, single, to), problem);
}

/** The single amounts of a problem at a date. */
export function singlesAt(problem: Problem, years: number): DatedSingle[] {
  return datedSingles(problem).filter(({ at }) => isSameTime(at, years));
}
