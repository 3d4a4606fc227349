import {
  BLANK_DRAFT,
  type Draft,
  type FlowLine,
  type SingleLine,
  type StreamLine,
  type TypedRateLine,
} from "../draft";
import type { NewPart } from "./edit-parts";

/** Something that is asked before a part is added. */
export interface PartAsks {
  readonly key: string;
  /** In front of its field: "Renewed after". */
  readonly words: string;
  readonly hint: string;
  /** What stands in it to begin with. */
  readonly start: string;
}

/** A next part as courses ask for it. */
export interface ReadyPart {
  readonly id: string;
  readonly name: string;
  readonly explains: string;
  readonly asks: readonly PartAsks[];
  /** The parts that it adds. @param label that of the first of them, which a second one may take up */
  readonly make: (texts: Readonly<Record<string, string>>, label: string) => NewPart[];
}

/** An amount and the payments that balance it, at one rate. */
export interface Loan {
  readonly loan: SingleLine;
  readonly payments: StreamLine;
  readonly rate: TypedRateLine;
}

/** The two lines of a part that has just an amount and payments; `null` for any other. */
export function oneOfEach(
  flows: readonly FlowLine[],
): { single: SingleLine; stream: StreamLine } | null {
  const [first, second] = flows;
  if (flows.length !== 2) return null;
  if (first?.kind === "single" && second?.kind === "stream")
    return { single: first, stream: second };
  if (first?.kind === "stream" && second?.kind === "single")
    return { single: second, stream: first };
  return null;
}

export function asks(key: string, words: string, hint: string, start: string): PartAsks {
  return { key, words, hint, start };
}

/** An amount by itself, known by its label. */
export function single(
  label: string,
  direction: SingleLine["direction"],
  amount: string,
  at: string,
): SingleLine {
  return { kind: "single", id: idOf(label), label, direction, amount, at };
}

export function idOf(label: string): string {
  return label.toLowerCase().replace(/[^a-z0-9]+/g, "-");
}

/** Lines of their own, with the date of today, the conventions and the rates of another part. */
export function part(
  name: string,
  { today, conventions, rates }: Draft,
  flows: readonly FlowLine[],
  own: readonly Draft["rates"][number][] = rates,
): NewPart {
  return {
    name,
    draft: { ...BLANK_DRAFT, today, conventions, rates: [...own], flows: [...flows] },
  };
}
