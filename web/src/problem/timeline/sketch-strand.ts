import { paymentAmount, paymentTime, wholeFrom } from "@kestrelmoor/core";
import type { FlowReading, StreamLine } from "@kestrelmoor/core/typing";
import { known, sideOf, type SketchFacts, type Strand } from "./sketch-types";

type Reading = Extract<FlowReading, { kind: "stream" }>;

/** Repeated payments: as far as they are typed, and as they were found. */
export function strandOf(
  line: StreamLine,
  reading: Reading,
  { flow, solved, today }: SketchFacts<"stream">,
): Strand {
  const unknown = unknownOf(reading);
  // A start that is not known yet is drawn today.
  const placed = { ...flow, begins: known(flow.begins) ?? 0 };
  // They are drawn as they would be paid: whole payments, or whole cents, and the last of them another amount.
  const last = lastOf(unknown, solved);
  const full = countOf(flow.count);
  const sizeAt = (index: number) =>
    last !== null && index === full ? Math.abs(last.amount) : sizeOf(paymentAmount(placed, index));
  return {
    id: line.id,
    label: line.label,
    unknown,
    found: unknown === null ? null : (solved?.answers[0].value ?? null),
    every: reading.every.state === "value" ? reading.every.value : null,
    step: 1 / flow.frequency,
    direction:
      known(flow.amount) === null || flow.amount === 0 ? line.direction : sideOf(flow.amount),
    begins: placed.begins,
    first: paymentTime(placed, 0),
    count: full === null || last === null ? full : full + 1,
    sizeAt,
    todayAt: (index) => {
      const size = sizeAt(index);
      return size === null ? null : today(size, paymentTime(placed, index));
    },
  };
}

function lastOf(unknown: Strand["unknown"], solved: SketchFacts<"stream">["solved"]) {
  if (unknown === "count") return solved?.facts.wholePayments?.last ?? null;
  return unknown === "amount" ? (solved?.facts.roundedPayment?.last ?? null) : null;
}

function unknownOf({ amount, count, begins, growth }: Reading): Strand["unknown"] {
  if (amount.state === "unknown") return "amount";
  if (count.state === "unknown") return "count";
  if (begins.state === "unknown") return "begins";
  return growth?.figure.state === "unknown" ? "growth" : null;
}

/** Whole payments; infinite for ever; `null` while it is not known. */
function countOf(count: number): number | null {
  return Number.isNaN(count) ? null : wholeFrom(count);
}

/** What has outgrown every number has no size to be drawn or told. */
function sizeOf(amount: number): number | null {
  return Number.isFinite(amount) ? Math.abs(amount) : null;
}
