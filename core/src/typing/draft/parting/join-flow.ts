import { LIMITS } from "../../../engine/problem/limits";
import { after, frequencyOf, parseDuration } from "../../../engine/time/duration";
import { formatExact } from "../../../wording/format-number";
import { formatDurationWords } from "../../../wording/format-time";
import type { Draft, FlowLine, StreamLine } from "../draft";
import { valueOf } from "../field";
import type { DraftReading } from "../read-draft";
import { payments } from "./counting";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import { isSameTime } from "../../../engine/numbers/compare";

/** Whether a line and the one after it can be one: payments that follow each other at one rhythm. */
export function canJoin(draft: Draft, reading: DraftReading, id: string): boolean {
  return joined(draft, reading, id) !== null;
}

/**
 * Makes one line of two that follow each other: payments of one size one stream again, of several sizes a
 * list. Changes the draft in place.
 */
export function joinFlow(draft: Draft, reading: DraftReading, id: string): void {
  const line = joined(draft, reading, id);
  if (line === null) return;
  draft.flows.splice(
    draft.flows.findIndex((own) => own.id === id),
    2,
    line,
  );
}

function joined(draft: Draft, reading: DraftReading, id: string): FlowLine | null {
  const index = draft.flows.findIndex((line) => line.id === id);
  const [line, next] = [draft.flows[index], draft.flows[index + 1]];
  const [read, nextRead] = [reading.flows[index], reading.flows[index + 1]];
  if (line?.kind !== "stream" || next?.kind !== "stream") return null;
  if (read?.kind !== "stream" || nextRead?.kind !== "stream") return null;
  if (line.growth !== null || next.growth !== null || line.timing !== next.timing) return null;
  const [every, count, begins] = [valueOf(read.every), valueOf(read.count), valueOf(read.begins)];
  const [nextCount, nextBegins] = [valueOf(nextRead.count), valueOf(nextRead.begins)];
  if (every === null || every !== valueOf(nextRead.every)) return null;
  if (begins === null || nextBegins === null || count === null || count === "forever") return null;
  if (nextCount === null || !Number.isInteger(count)) return null;
  const step = 1 / frequencyOf(every);
  const follows =
    "endOf" in nextBegins
      ? nextBegins.endOf === line.id
      : "years" in begins && isSameTime(nextBegins.years, begins.years + count * step);
  if (!follows) return null;

  const [amount, nextAmount] = [valueOf(read.amount), valueOf(nextRead.amount)];
  const isSame =
    line.direction === next.direction &&
    ((amount !== null && amount === nextAmount) ||
      (typeof nextAmount === "object" &&
        nextAmount?.of === line.id &&
        nextAmount.times === 1 &&
        nextAmount.plus === undefined));
  if (isSame) {
    return { ...line, count: nextCount === "forever" ? "for ever" : payments(count + nextCount) };
  }
  if (typeof amount !== "number" || typeof nextAmount !== "number") return null;
  if (nextCount === "forever" || !Number.isInteger(nextCount) || "endOf" in begins) return null;
  if (count + nextCount > LIMITS.listAmounts) return null;
  const [start, period] = [parseDuration(begins.moment), parseDuration(every)];
  if (start === null || period === null) return null;
  const run = (own: StreamLine, size: number, times: number) =>
    `${own.direction === "out" ? "out " : ""}${formatExact(size)}${times === 1 ? "" : ` x ${times}`}`;
  return {
    kind: "list",
    id: line.id,
    label: line.label,
    every: line.every,
    begins: formatDurationWords(after(start, period, line.timing === "end" ? 1 : 0), USUAL_FORMAT),
    amounts: `${run(line, amount, count)}; ${run(next, nextAmount, nextCount)}`,
  };
}
