import type { SettledFlow } from "../../engine/flows/flow-kind";
import { sum } from "../../engine/numbers/sum";
import { growthFactor, type Accumulation } from "../../engine/rates/accumulation";
import { growthOf } from "../../engine/solve/settled-timeline";
import type { Solution } from "../../engine/solve/solution";
import { yearsAsked, type SolvedProblem } from "../../engine/solve/solved-problem";
import { settleFlows } from "../../engine/timeline/settle-timeline";
import { workings } from "../workings/workings";
import { singleAmounts } from "./single-amounts";

export type WayName = "one-by-one" | "factors" | "accumulated";

/** Another method for the same answer. */
export interface Way {
  readonly name: WayName;
  /** The present values of all money in and all money out, by this method; `null` if it gives only the answer. */
  readonly in: number | null;
  readonly out: number | null;
  /** The answer by this method, if it is an amount or a value; otherwise `null`. */
  readonly value: number | null;
  /** The relative difference from the answer, or between money in and money out. */
  readonly apart: number;
}

/**
 * The same problem solved by other methods: each amount discounted separately; by the factors of the workings; all
 * amounts accumulated to the end and then discounted.
 *
 * @returns the methods that apply; a perpetuity has no end to accumulate to
 */
export function otherWays(solved: SolvedProblem): Way[] {
  const { timeline, paid, unknown } = solved;
  const growth = growthOf(paid);
  // Only where interest is compound does the way over another date lead to the same.
  const home = paid.focal ?? 0;
  const [answer] = solved.answers;
  const isAmount = unknown.kind === "amount";
  const without = isAmount ? settleFlows(timeline.flows, 0) : null;
  const asked = yearsAsked(solved);
  const byMoving = (name: WayName, via: number): Way | null => {
    const all = sidesOf(paid.flows, growth, via, home);
    if (all === null) return null;
    if (asked !== null) {
      const value = (all.in - all.out) * growthFactor(growth, home, asked);
      return { name, ...all, value, apart: apartOf(value, answer.value, all.in + all.out) };
    }
    const known = without === null ? null : sidesOf(without, growth, via, home);
    const value = known === null ? null : Math.abs(amountFrom(all, known, signedAnswer(solved)));
    const apart =
      value === null
        ? apartOf(all.in, all.out, all.in + all.out)
        : apartOf(value, Math.abs(answer.value), Math.abs(answer.value));
    return { name, ...all, value, apart };
  };
  const end = Math.max(0, ...paid.flows.map(endOf));
  return [
    byMoving("one-by-one", home),
    factorsWay(solved),
    Number.isFinite(end) && paid.accrual === undefined ? byMoving("accumulated", end) : null,
  ].filter((way) => way !== null);
}

/** The values of all amounts in and out, each moved separately to a date, and all of them from there home. */
function sidesOf(flows: readonly SettledFlow[], growth: Accumulation, via: number, home: number) {
  const single = singleAmounts(flows, growth);
  if (single === null) return null;
  const back = growthFactor(growth, via, home);
  const side = (sign: number) =>
    sum(
      single.amounts.flatMap(({ amount, at }) =>
        Math.sign(amount) === sign ? [Math.abs(amount) * growthFactor(growth, at, via)] : [],
      ),
    ) * back;
  return { in: side(1), out: side(-1) };
}

/** The unknown amount, from the values with it and without it: they are linear in it. */
function amountFrom(
  all: { readonly in: number; readonly out: number },
  known: { readonly in: number; readonly out: number },
  x: number,
): number {
  const rest = known.in - known.out;
  return (-rest * x) / (all.in - all.out - rest);
}

function signedAnswer({ answers: [answer] }: Solution): number {
  return answer.turned === true ? -answer.value : answer.value;
}

/** The closed forms, as in the workings. */
function factorsWay(solved: SolvedProblem): Way | null {
  const [answer] = solved.answers;
  const { steps } = workings(solved);
  if (answer.unit !== "money") return null;
  const value = steps.findLast(({ kind }) => kind === "value")?.value;
  if (value === undefined) return null;
  const isWorth = solved.unknown.kind === "value";
  const shown = isWorth ? value : Math.abs(value);
  return {
    name: "factors",
    in: null,
    out: null,
    value: shown,
    apart: apartOf(shown, isWorth ? answer.value : Math.abs(answer.value), Math.abs(answer.value)),
  };
}

function apartOf(one: number, other: number, size: number): number {
  return size === 0 ? 0 : Math.abs(one - other) / size;
}

function endOf(flow: SettledFlow): number {
  switch (flow.kind) {
    case "single":
      return flow.at;
    case "stream":
      return flow.begins + flow.count / flow.frequency;
    case "list":
      return flow.begins + (flow.amounts.length - 1) / flow.frequency;
    case "dated":
      return Math.max(...flow.entries.map(({ at }) => at));
  }
}
