import { frequencyOf, paymentAmount, paymentTime, wholeFrom, wholeUpTo } from "@kestrelmoor/core";
import { type FlowReading, type StreamLine } from "@kestrelmoor/core/typing";
import { yearsTyped, type SketchFacts, type Strand } from "./sketch-types";
import { sideOf } from "./sketch-single";

type Reading = Extract<FlowReading, { kind: "stream" }>;

/** Repeated payments: as found where the problem is solved, and as typed before that. */
export function strandOf(
  line: StreamLine,
  reading: Reading,
  { paid, solution, today }: SketchFacts,
): Strand | null {
  const { every } = reading;
  if (every.state !== "value") return null;
  const base = {
    id: line.id,
    label: line.label,
    unknown: unknownOf(reading),
    every: every.value,
    step: 1 / frequencyOf(every.value),
  };
  if (paid?.kind !== "stream" || solution === null) {
    const begins = yearsTyped(reading.begins) ?? 0;
    return {
      ...base,
      direction: line.direction,
      found: null,
      begins,
      first: begins + (line.timing === "end" ? base.step : 0),
      count: countTyped(reading),
      sizeAt: sizesTyped(reading),
      todayAt: () => null,
    };
  }
  // An unknown count is drawn as it would be paid: in whole payments, the last of them another amount.
  const last = base.unknown === "count" ? (solution.facts.wholePayments?.last ?? null) : null;
  const full = wholeFrom(paid.count);
  const count = last === null ? full : full + 1;
  const sizeAt = (index: number) =>
    last !== null && index === full ? Math.abs(last.amount) : sizeOf(paymentAmount(paid, index));
  return {
    ...base,
    direction: paid.amount === 0 ? line.direction : sideOf(paid.amount),
    found: base.unknown === null ? null : solution.answers[0].value,
    begins: paid.begins,
    first: paymentTime(paid, 0),
    count,
    sizeAt,
    todayAt: (index) => {
      const size = sizeAt(index);
      return size === null ? null : today(size, paymentTime(paid, index));
    },
  };
}

function unknownOf({ amount, count, begins, growth }: Reading): Strand["unknown"] {
  if (amount.state === "unknown") return "amount";
  if (count.state === "unknown") return "count";
  if (begins.state === "unknown") return "begins";
  return growth?.figure.state === "unknown" ? "growth" : null;
}

function countTyped({ count }: Reading): number | null {
  if (count.state !== "value") return null;
  return count.value === "forever" ? Number.POSITIVE_INFINITY : Math.ceil(count.value);
}

function sizesTyped({ amount, growth, every }: Reading): Strand["sizeAt"] {
  const first = amount.state === "value" && typeof amount.value === "number" ? amount.value : null;
  if (first === null || growth === null) return () => first;
  const { figure } = growth;
  if (figure.state !== "value" || growth.every.state !== "value" || every.state !== "value") {
    return () => first;
  }
  const stepsPerPayment = frequencyOf(growth.every.value) / frequencyOf(every.value);
  return (index) => {
    const steps = wholeUpTo(index * stepsPerPayment);
    return sizeOf(
      growth.by === "percent"
        ? first * (1 + figure.value / 100) ** steps
        : first + figure.value * steps,
    );
  };
}

/** What has outgrown every number has no size to be drawn or told. */
function sizeOf(amount: number): number | null {
  return Number.isFinite(amount) ? Math.abs(amount) : null;
}
