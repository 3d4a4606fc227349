import { isUnknownMark } from "../input/unknown-mark";
import { LIMITS } from "../problem/limits";
import { frequencyOf, parseDuration, type Duration } from "../time/duration";
import { formatExact } from "../wording/format-number";
import { endWords } from "../wording/end-words";
import { formatDurationWords } from "../wording/format-time";
import type { Draft, FlowLine, ListLine, SingleLine, StreamLine } from "./draft";
import { valueOf } from "./field";
import { freeId } from "./free-id";
import type { StreamReading } from "./lines/stream-line";
import type { ListReading } from "./lines/list-line";
import { namedFlow } from "./lines/line-kinds";
import { namesOf } from "../input/names";
import type { DraftReading } from "./read-draft";

/** Of payments without end, as many stand before the parting. */
const PARTED_OFF = 12;
/** A list longer than this is not taken apart: nobody wants so many lines. */
const MOST_PARTS = 30;

/** Whether a line can be parted in two, or into its amounts. */
export function canSplit(draft: Draft, reading: DraftReading, id: string): boolean {
  return splitParts(draft, reading, id) !== null;
}

/**
 * Parts a line: repeated payments in two, of which the second begin when the first end; a list into its
 * single amounts. What it is all worth stays the same. Changes the draft in place.
 */
export function splitFlow(draft: Draft, reading: DraftReading, id: string): void {
  const parts = splitParts(draft, reading, id);
  if (parts === null) return;
  const index = draft.flows.findIndex((line) => line.id === id);
  draft.flows.splice(index, 1, ...parts);
}

function splitParts(draft: Draft, reading: DraftReading, id: string): FlowLine[] | null {
  const index = draft.flows.findIndex((line) => line.id === id);
  const [line, read] = [draft.flows[index], reading.flows[index]];
  if (line?.kind === "stream" && read?.kind === "stream") return streamParts(draft, line, read);
  if (line?.kind === "list" && read?.kind === "list") return listParts(draft, line, read);
  return null;
}

function streamParts(draft: Draft, line: StreamLine, read: StreamReading): StreamLine[] | null {
  const count = valueOf(read.count);
  // Where payments grow, the second part would have to begin in the middle of a step.
  if (count === null || line.growth !== null) return null;
  if (draft.flows.length >= LIMITS.flows) return null;
  const isEndless = count === "forever";
  if (!isEndless && (count < 2 || !Number.isInteger(count))) return null;
  const first = isEndless ? PARTED_OFF : Math.ceil(count / 2);
  const name = namesOf(draft.flows.map(namedFlow)).nameOf(line.id);
  const label = line.label === "" ? "" : `Later ${line.label.toLowerCase()}`;
  const second: StreamLine = {
    ...line,
    id: newId(draft, line.id),
    label: label.slice(0, LIMITS.labelLength),
    amount: isUnknownMark(line.amount) ? `same as ${name}` : line.amount,
    count: isEndless ? "ever" : payments(count - first),
    begins: `when ${endWords(name)}`,
  };
  return [{ ...line, count: payments(first) }, second];
}

function payments(count: number): string {
  return `${formatExact(count)} payment${count === 1 ? "" : "s"}`;
}

function listParts(draft: Draft, line: ListLine, read: ListReading): SingleLine[] | null {
  const [amounts, every, begins] = [
    valueOf(read.amounts),
    valueOf(read.every),
    valueOf(read.begins),
  ];
  if (amounts === null || every === null || begins === null || "endOf" in begins) return null;
  if (amounts.length > MOST_PARTS || draft.flows.length + amounts.length > LIMITS.flows)
    return null;
  // An amount by another one stays a word in its list.
  if (amounts.some((amount) => typeof amount === "object" && amount !== null)) return null;
  const [start, step] = [parseDuration(begins.duration), parseDuration(every)];
  if (start === null || step === null) return null;
  const taken = draft.flows.map(({ id }) => id).filter((id) => id !== line.id);
  return amounts.flatMap((amount, place): SingleLine[] => {
    if (amount === 0 || (typeof amount === "object" && amount !== null)) return [];
    const id = freeId(line.id, taken);
    taken.push(id);
    return [
      {
        kind: "single",
        id,
        label: line.label === "" ? "" : `${line.label} ${place + 1}`.slice(0, LIMITS.labelLength),
        direction: amount !== null && amount < 0 ? "out" : "in",
        amount: amount === null ? "?" : formatExact(Math.abs(amount)),
        at: formatDurationWords(after(start, step, place)),
      },
    ];
  });
}

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
      : "years" in begins && Math.abs(nextBegins.years - begins.years - count * step) < 1e-9;
  if (!follows) return null;

  const [amount, nextAmount] = [valueOf(read.amount), valueOf(nextRead.amount)];
  const isSame =
    line.direction === next.direction &&
    ((amount !== null && amount === nextAmount) ||
      (typeof nextAmount === "object" && nextAmount?.of === line.id && nextAmount.times === 1));
  if (isSame) {
    return { ...line, count: nextCount === "forever" ? "ever" : payments(count + nextCount) };
  }
  if (typeof amount !== "number" || typeof nextAmount !== "number") return null;
  if (nextCount === "forever" || !Number.isInteger(nextCount) || "endOf" in begins) return null;
  if (count + nextCount > LIMITS.listAmounts) return null;
  const [start, period] = [parseDuration(begins.duration), parseDuration(every)];
  if (start === null || period === null) return null;
  const run = (own: StreamLine, size: number, times: number) =>
    `${own.direction === "out" ? "out " : ""}${formatExact(size)}${times === 1 ? "" : ` x ${times}`}`;
  return {
    kind: "list",
    id: line.id,
    label: line.label,
    every: line.every,
    begins: formatDurationWords(after(start, period, line.timing === "end" ? 1 : 0)),
    amounts: `${run(line, amount, count)}; ${run(next, nextAmount, nextCount)}`,
  };
}

/** A time and so many periods more, each part counted in its own unit: nothing is rounded. */
function after(start: Duration, period: Duration, times: number): Duration {
  const months = start.months + period.months * times;
  const years = start.years + period.years * times;
  const whole = Number.isInteger(months) ? Math.floor(months / 12) : 0;
  return {
    years: years + whole,
    months: months - 12 * whole,
    weeks: start.weeks + period.weeks * times,
    days: start.days + period.days * times,
  };
}

function newId(draft: Draft, stem: string): string {
  return freeId(
    stem.replace(/-\d+$/, ""),
    draft.flows.map(({ id }) => id),
  );
}
