import type { Direction } from "../../engine/problem/schema";
import {
  BLANK_DRAFT,
  type Draft,
  type FlowLine,
  type StreamLine,
  type TypedRateLine,
} from "./draft";

/** The lines of which problem types are made. */

/** The line of a rate; nobody says yet how it is compounded. */
export function rate(percent: string, parts: Partial<TypedRateLine> = {}): TypedRateLine {
  return {
    kind: "rate",
    id: "rate-1",
    percent,
    quoted: "nominal",
    compounding: "P1Y",
    compoundedBy: "payments",
    from: "",
    ...parts,
  };
}

/** An amount by itself. */
export function money(label: string, direction: Direction, amount: string, at: string): FlowLine {
  return { kind: "single", id: idOf(label), label, direction, amount, at };
}

/** Monthly payments, unless it is said otherwise. */
export function payments(
  label: string,
  direction: Direction,
  amount: string,
  count: string,
  parts: Partial<StreamLine> = {},
): StreamLine {
  return {
    kind: "stream",
    id: idOf(label),
    label,
    direction,
    amount,
    every: "month",
    count,
    timing: "end",
    begins: "today",
    growth: null,
    ...parts,
  };
}

function idOf(label: string): string {
  return label.toLowerCase().replace(/ /g, "-");
}

/** A problem of some lines, with nothing else said. */
export function draftOf(rates: Draft["rates"], flows: FlowLine[], ask: Draft["ask"] = null): Draft {
  return { ...BLANK_DRAFT, rates, flows, ask };
}

/** Interest that earns none. */
export const SIMPLE = { quoted: "simple", compoundedBy: "words" } as const;
