import type { Direction } from "@kestrelmoor/core";
import {
  BLANK_DRAFT,
  type Draft,
  type FlowLine,
  type TypedRateLine,
} from "@kestrelmoor/core/typing";

/** One amount, known by its name. */
export function amountLine(
  label: string,
  direction: Direction,
  amount: string,
  at: string,
): FlowLine {
  const id = label.toLowerCase().replace(/ /g, "-");
  return { kind: "single", id, label, direction, amount, at };
}

/** A problem of its own, made of what stands on a page without one. */
export function draftOf(title: string, rate: TypedRateLine, flows: FlowLine[]): Draft {
  return { ...BLANK_DRAFT, title: title.slice(0, 200), rates: [rate], flows, variants: [] };
}
