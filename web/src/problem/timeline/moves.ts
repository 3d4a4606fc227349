import { USUAL_FORMAT, wholeFrom } from "@kestrelmoor/core";
import type { Draft, DraftReading } from "@kestrelmoor/core/typing";
import { yearsTyped, type Strand } from "./sketch-types";
import { yearsInWords } from "./timeline-words";

/** A time that is typed in a field and can be moved along the axis instead. */
export interface TimeHandle {
  /** The line and the field that it is typed in. */
  readonly line: string;
  readonly field: "at" | "begins" | "count" | "from";
  /** Where it stands on the axis. */
  readonly years: number;
  /** Writes another time into the draft that is given. */
  readonly write: (draft: Draft, years: number) => void;
}

/** Every time on the timeline that can be moved: those typed by themselves, not unknown, not said by others. */
export function timeHandles(
  draft: Draft,
  reading: DraftReading,
  strands: readonly Strand[],
): TimeHandle[] {
  const flows = draft.flows.flatMap((line, index): TimeHandle[] => {
    const read = reading.flows[index];
    if (line.kind === "single" && read?.kind === "single") {
      const years = yearsTyped(read.at);
      const write: TimeHandle["write"] = (writable, moved) => {
        const own = writable.flows[index];
        if (own?.kind === "single") own.at = yearsInWords(moved, USUAL_FORMAT);
      };
      return years === null ? [] : [{ line: line.id, field: "at", years, write }];
    }
    const strand = strands.find(({ id }) => id === line.id);
    return read?.kind === "stream" && strand !== undefined
      ? [...beginning(strand, read, index), ...lastPayment(strand, read, index)]
      : [];
  });
  return [...flows, ...rateChanges(draft, reading)];
}

type StreamReading = Extract<DraftReading["flows"][number], { kind: "stream" }>;

function beginning({ id }: Strand, { begins }: StreamReading, index: number): TimeHandle[] {
  const years = yearsTyped(begins);
  const write: TimeHandle["write"] = (draft, moved) => {
    const own = draft.flows[index];
    if (own?.kind === "stream") own.begins = yearsInWords(moved, USUAL_FORMAT);
  };
  return years === null ? [] : [{ line: id, field: "begins", years, write }];
}

function lastPayment(
  { id, first, step }: Strand,
  { count }: StreamReading,
  index: number,
): TimeHandle[] {
  if (count.state !== "value" || count.value === "forever") return [];
  const years = first + step * (wholeFrom(count.value) - 1);
  const write: TimeHandle["write"] = (draft, moved) => {
    const own = draft.flows[index];
    if (own?.kind !== "stream") return;
    own.count = countInWords(Math.round((moved - first) / step) + 1, step, own.count);
  };
  return [{ line: id, field: "count", years, write }];
}

/** A number of payments, at least one; a length that was typed as a time stays one. */
export function countInWords(count: number, step: number, typed: string): string {
  const payments = Math.max(1, count);
  const isTime = /[a-z]/i.test(typed.replace(/payments?/gi, ""));
  if (isTime) return yearsInWords(payments * step, USUAL_FORMAT);
  return `${payments} payment${payments === 1 ? "" : "s"}`;
}

function rateChanges({ rates }: Draft, reading: DraftReading): TimeHandle[] {
  return rates.flatMap((line, index): TimeHandle[] => {
    const read = reading.rates[index];
    if (line.kind !== "rate" || read?.kind !== "rate" || read.from === null) return [];
    const years = yearsTyped(read.from);
    const write: TimeHandle["write"] = (writable, moved) => {
      const own = writable.rates[index];
      if (own?.kind === "rate") own.from = yearsInWords(moved, USUAL_FORMAT);
    };
    return years === null ? [] : [{ line: line.id, field: "from", years, write }];
  });
}
