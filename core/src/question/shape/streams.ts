import type { FlowOf } from "../../engine/problem/schema";
import { addSpans, periodsIn, yearsIn } from "../marks/span";
import type { PaymentsFact } from "../facts/payments-fact";
import type { Assumption, Choices, Use } from "./shape";

export type StreamFlow = FlowOf<"stream">;

export interface StreamPlan {
  readonly id: string;
  readonly direction: "in" | "out";
  /** Where the first period begins if nothing else is said. */
  readonly begins: StreamFlow["begins"];
  readonly count: number | "forever" | null;
  readonly every: string;
}

export interface StreamRead {
  readonly flow: StreamFlow;
  readonly uses: readonly Use[];
  readonly assumptions: readonly Assumption[];
}

/** The stream of a fact: which end of the period it is paid at is taken as the end where nothing says. */
export function streamOf(fact: PaymentsFact, plan: StreamPlan, choices: Choices): StreamRead {
  const { timing, begins, isTold } = startOf(fact, plan);
  const taken = isTold ? timing : ((choices.timing as "end" | "start" | undefined) ?? timing);
  const flow: StreamFlow = {
    id: plan.id,
    kind: "stream",
    direction: plan.direction,
    amount: fact.amount,
    every: plan.every,
    count: plan.count,
    timing: taken,
    begins,
    ...(fact.growth === null
      ? {}
      : { growth: { ...fact.growth, every: fact.growthEvery ?? plan.every } }),
  };
  const other = taken === "end" ? "start" : "end";
  return {
    flow,
    uses: streamUses(fact, plan.id),
    assumptions: isTold ? [] : [{ code: "timing", taken, others: [other] }],
  };
}

/** The first payment's own date says more than the end of the period that payments are made at. */
function startOf(
  fact: PaymentsFact,
  { every, begins }: StreamPlan,
): { timing: "end" | "start"; begins: StreamFlow["begins"]; isTold: boolean } {
  const { first, timing } = fact;
  const isFromToday = begins === "P0D";
  if (first !== null && isFromToday) {
    if (first === "P0D" && timing !== "end") return { timing: "start", begins, isTold: true };
    if (first === "P0D") return { timing: "end", begins, isTold: true };
    if (timing === "start") return { timing, begins: first, isTold: true };
    const isLater = yearsIn(first) >= yearsIn(every);
    return isLater
      ? { timing: "end", begins: addSpans(first, every, -1), isTold: true }
      : { timing: "start", begins: first, isTold: true };
  }
  return { timing: timing ?? "end", begins, isTold: timing !== null || first !== null };
}

function streamUses(fact: PaymentsFact, id: string): Use[] {
  return fact.marks.map((mark) => ({
    mark,
    role: mark === fact.amountMark ? "amount" : "payments",
    target: { flow: id, field: mark === fact.amountMark ? "amount" : "every" },
  }));
}

/** How many payments a stream has: told, or as many as its term holds; `null` while nothing says. */
export function countOf({ count, term }: PaymentsFact, every: string): number | "forever" | null {
  return count ?? (term === null ? null : periodsIn(term, every));
}
