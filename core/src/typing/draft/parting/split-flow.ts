import { isUnknownMark } from "../../input/unknown-mark";
import { namesOf } from "../../input/names";
import { LIMITS } from "../../../engine/problem/limits";
import { after, parseDuration } from "../../../engine/time/duration";
import { endWords } from "../../../wording/end-words";
import { formatExact } from "../../../wording/format-number";
import { formatDurationWords } from "../../../wording/format-time";
import type { Draft, FlowLine, ListLine, SingleLine, StreamLine } from "../draft";
import { valueOf } from "../field";
import { freeId } from "../free-id";
import { namedFlow } from "../lines/line-kinds";
import type { LineReading } from "../fields/line-schema";
import type { DraftReading } from "../read-draft";
import { payments } from "./counting";
import { USUAL_FORMAT } from "../../../wording/answer-format";

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

function streamParts(
  draft: Draft,
  line: StreamLine,
  read: LineReading<"stream">,
): StreamLine[] | null {
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
    count: isEndless ? "for ever" : payments(count - first),
    begins: `when ${endWords(name)}`,
  };
  return [{ ...line, count: payments(first) }, second];
}

function listParts(draft: Draft, line: ListLine, read: LineReading<"list">): SingleLine[] | null {
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
  const [start, step] = [parseDuration(begins.moment), parseDuration(every)];
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
        at: formatDurationWords(after(start, step, place), USUAL_FORMAT),
      },
    ];
  });
}

function newId(draft: Draft, stem: string): string {
  return freeId(
    stem.replace(/-\d+$/, ""),
    draft.flows.map(({ id }) => id),
  );
}
