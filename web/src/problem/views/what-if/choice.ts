import { readFigure, TEXTBOOK_TIMES } from "@kestrelmoor/core/typing";
import { useState } from "react";
import type { DocumentStore } from "../../document/document-store";
import { rangeAround, type Range } from "./ranges";
import type { TypedRange } from "./RangeFields";
import { typedFigure, type SweepField } from "./sweep-fields";

/** What is varied on the page: one figure or two, and where the slider stands. */
export interface WhatIfChoice {
  readonly first: TypedRange | null;
  readonly second: TypedRange | null;
  /** The place of the slider among its values; `null` where nobody has moved it. */
  readonly place: number | null;
}

/** Kept as long as the problem is open, so that a look at another view forgets nothing. */
const kept = new WeakMap<DocumentStore, WhatIfChoice>();

export function useWhatIfChoice(
  store: DocumentStore,
): [WhatIfChoice, (parts: Partial<WhatIfChoice>) => void] {
  const [choice, setChoice] = useState(
    () => kept.get(store) ?? { first: null, second: null, place: null },
  );
  const change = (parts: Partial<WhatIfChoice>) => {
    const next = { ...choice, ...parts };
    kept.set(store, next);
    setChoice(next);
  };
  return [choice, change];
}

/** A range around what a field is now, as somebody would have typed it. */
export function rangeFor({ key, value, unit }: SweepField): TypedRange {
  const { from, to } = rangeAround(value, unit);
  return { key, from: typedFigure(from, unit), to: typedFigure(to, unit) };
}

/** The ends of a range; `null` while they cannot be read or do not go upwards. */
export function readRange(
  { from, to }: TypedRange,
  unit: SweepField["unit"],
  said = TEXTBOOK_TIMES,
): Range | null {
  const [start, end] = [readFigure(from, unit, said), readFigure(to, unit, said)];
  return start.ok && end.ok && start.value < end.value
    ? { from: start.value, to: end.value }
    : null;
}

/** The field that is asked about first: the rate where it is given. */
export function firstChoice(fields: readonly SweepField[]): SweepField | null {
  return fields.find(({ unit }) => unit === "percent") ?? fields[0] ?? null;
}
