import type { Names, NumberedPayments } from "../input/names";
import { readCount } from "../input/read-count";
import { readPeriod } from "../input/read-period";
import { readPosition } from "../input/read-position";
import { after, parseDuration, type Duration } from "../../engine/time/duration";
import type { FlowLine, StreamLine } from "./draft";
import { takingUp } from "./field";

/**
 * When the payments of each line fall, by the line's id, as far as its fields say so.
 *
 * @param names what the lines are called
 */
export function numberedPayments(
  lines: readonly FlowLine[],
  names: Names,
): (id: string) => NumberedPayments | null {
  /** @param trail the lines that wait for this one, so that none waits for itself */
  const paymentsOf = (id: string, trail: readonly string[]): NumberedPayments | null => {
    const line = lines.find((candidate) => candidate.id === id);
    if (line?.kind !== "stream" || trail.includes(id)) return null;
    const period = readPeriod(line.every);
    const every = period.ok ? parseDuration(period.value) : null;
    const begins = beginningOf(line, [...trail, id]);
    if (!period.ok || every === null || begins === null) return null;
    const count = takingUp(names, "payments", (text) => readCount(text, period.value))(line.count);
    return { begins, every, timing: line.timing, count: count.ok ? numberOf(count.value) : null };
  };
  const beginningOf = (line: StreamLine, trail: readonly string[]): Duration | null => {
    const time = takingUp(names, "years", (text) => readPosition(text, names))(line.begins);
    if (!time.ok) return null;
    if (!("endOf" in time.value)) return parseDuration(time.value.moment);
    const before = paymentsOf(time.value.endOf, trail);
    const count = before?.count ?? null;
    if (before === null || count === null || !Number.isInteger(count)) return null;
    return after(before.begins, before.every, count);
  };
  return (id) => paymentsOf(id, []);
}

function numberOf(count: number | "forever"): number {
  return count === "forever" ? Number.POSITIVE_INFINITY : count;
}
