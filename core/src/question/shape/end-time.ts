import type { KnownPosition } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { TimeFact } from "../facts/times";
import type { Mark } from "../marks/mark";
import { addSpans, timesSpan } from "../marks/span";
import { leftAlone } from "./left-alone";
import type { Plan } from "./plans";
import type { Side } from "./sides";

/** When the amount beside a row of payments is paid or there, with the marks that say so. */
export interface EndTime {
  readonly at: KnownPosition;
  readonly marks: readonly Mark[];
}

interface Told {
  readonly facts: Facts;
  readonly side: Side;
  /** When the amount itself says. */
  readonly goal: string | null;
  readonly times: readonly TimeFact[];
}

/** With the last payment, unless the words name another time. */
export function endTime(plan: Plan | undefined, { facts, side, goal, times }: Told): EndTime {
  const final = finalAfter(facts.scope, plan);
  if (final !== null) return final;
  // "It is now worth £16,200" tells when it was saved, from its beginning.
  if (goal !== null && goal !== "end" && goal !== "P0D") return { at: goal, marks: [] };
  if (plan === undefined) return { at: "P0D", marks: [] };
  const { count, every, fact } = plan;
  const length = typeof count === "number" ? timesSpan(count, every) : null;
  const asked = times.find(({ isAsked }) => isAsked);
  const left = side === "saving" && length !== null ? leftAlone(facts, length) : null;
  if (left !== null) return { at: left.until, marks: [left.mark, ...(asked?.marks ?? [])] };
  const isOwn =
    fact.count !== null && ["future", "balance", "final"].includes(facts.ask?.kind ?? "");
  if (asked !== undefined && isOwn) return { at: asked.iso, marks: asked.marks };
  const isDue = fact.timing === "start" || fact.first === "P0D";
  const after = length === null ? null : afterLast(facts, length, isDue, every);
  if (after !== null) return after;
  const isWithLast = facts.scope.marks.some(
    ({ phrase }) => phrase?.kind === "at-end-of-flows" && phrase.numbers.length > 0,
  );
  const at = isDue && length !== null && !isWithLast ? length : { endOf: plan.id };
  return { at, marks: [] };
}

/** "One year after the last", "… and a final one a month later". */
function afterLast(
  { scope }: Facts,
  length: string,
  isDue: boolean,
  every: string,
): EndTime | null {
  const after = scope.marks.find(({ phrase }) => phrase?.as === "after-last");
  // "One year after the eighth deposit", of eight.
  const [rank] = after?.phrase?.numbers ?? [];
  const isLast = rank === undefined || timesSpan(rank, every) === length;
  if (after?.phrase?.iso !== undefined && isLast) {
    const last = isDue ? addSpans(length, every, -1) : length;
    return { at: addSpans(last, after.phrase.iso), marks: [after] };
  }
  return null;
}

/** "… and a last one of £90 a month later": one payment after those of the row, whatever "later" tells by itself. */
function finalAfter(scope: Facts["scope"], plan: Plan | undefined): EndTime | null {
  if (typeof plan?.count !== "number") return null;
  const { count, every } = plan;
  const later = scope.marks.find(
    (mark) =>
      mark.phrase?.kind === "when" &&
      mark.phrase.iso === every &&
      / (?:later|after that|afterwards)$/.test(mark.plain) &&
      scope.before(mark, 8).some(({ word }) => /^(?:final|last|smaller|closing)$/.test(word)),
  );
  return later === undefined ? null : { at: timesSpan(count + 1, every), marks: [later] };
}
