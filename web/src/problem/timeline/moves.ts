import {
  fieldKey,
  USUAL_FORMAT,
  wholeFrom,
  type Calendar,
  type FieldName,
} from "@kestrelmoor/core";
import {
  fieldAt,
  fieldsOf,
  readingsOf,
  type Draft,
  type DraftField,
  type DraftReading,
} from "@kestrelmoor/core/typing";
import { dateOfReading } from "./date-of-reading";
import type { Strand } from "./sketch-types";
import { timeTyped, yearsInWords } from "./timeline-words";

/** A time that is typed in a field and can be moved along the axis instead. */
export interface TimeHandle {
  /** The line and the field that it is typed in. */
  readonly line: string;
  readonly field: FieldName;
  /** Where it stands on the axis. */
  readonly years: number;
  /** Writes another time into the draft that is given. */
  readonly write: (draft: Draft, years: number) => void;
}

/**
 * Every time on the timeline that can be moved: those typed by themselves, not unknown, not said by others, and the
 * last of repeated payments. The date of a value has a handle of its own.
 */
export function timeHandles(
  draft: Draft,
  reading: DraftReading,
  strands: readonly Strand[],
): TimeHandle[] {
  const { calendar } = reading;
  const fields = new Map(fieldsOf(draft).map((field) => [fieldKey(field.ref), field]));
  return readingsOf(reading).flatMap(({ ref, unit, numbers: [figure], reading: came }) => {
    const field = fields.get(fieldKey(ref));
    if (field === undefined || figure === undefined || ref.on === "ask") return [];
    if (unit === "years")
      return [timeHandle(field, figure, dateOfReading(came) === null ? null : calendar)];
    const strand = strands.find(({ id }) => id === field.line);
    return unit === "payments" && strand !== undefined
      ? [lastPaymentHandle(field, figure, strand)]
      : [];
  });
}

function timeHandle(
  { line, name, ref }: DraftField,
  years: number,
  calendar: Calendar | null,
): TimeHandle {
  return {
    line,
    field: name,
    years,
    write: (draft, moved) => fieldAt(draft, ref)?.write(timeTyped(moved, calendar)),
  };
}

function lastPaymentHandle(
  { line, name, ref }: DraftField,
  count: number,
  { first, step }: Strand,
): TimeHandle {
  return {
    line,
    field: name,
    years: first + step * (wholeFrom(count) - 1),
    write: (draft, moved) => {
      const own = fieldAt(draft, ref);
      own?.write(countInWords(Math.round((moved - first) / step) + 1, step, own.text));
    },
  };
}

/** A number of payments, at least one; a length that was typed as a time stays one. */
export function countInWords(count: number, step: number, typed: string): string {
  const payments = Math.max(1, count);
  const isTime = /[a-z]/i.test(typed.replace(/payments?/gi, ""));
  if (isTime) return yearsInWords(payments * step, USUAL_FORMAT);
  return `${payments} payment${payments === 1 ? "" : "s"}`;
}
