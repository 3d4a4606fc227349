import type { SolvedProblem, Direction } from "@kestrelmoor/core";
import type { FieldReading, SaidTime } from "@kestrelmoor/core/typing";

/** One amount as it is drawn: what is not known yet is `null`, and drawn all the same. */
export interface Post {
  readonly id: string;
  /** The line it belongs to, and the field that a click leads to. */
  readonly line: string;
  readonly field: string;
  readonly direction: Direction;
  readonly amount: number | null;
  readonly years: number | null;
  readonly label: string;
  /** Which of its facts is the unknown of the problem. */
  readonly unknown: "amount" | "time" | null;
  /** What it is worth today, once the rate is known. */
  readonly today: number | null;
  /** Which time of its line moves with it; its own where nothing is said. */
  readonly moves?: "begins" | "count" | "none";
  /** One of many alike, whose words stand beside another. */
  readonly isQuiet?: true;
  /** Pixels across, where posts stand close. */
  readonly thickness?: number;
}

/** Repeated payments, of which as many are drawn as there is room for. */
export interface Strand {
  readonly id: string;
  readonly direction: Direction;
  readonly label: string;
  readonly unknown: "amount" | "count" | "begins" | "growth" | null;
  /** What the unknown came to, where it is no amount. */
  readonly found: number | null;
  /** ISO 8601. */
  readonly every: string | null;
  /** Years from today of the first payment, and between two. */
  readonly first: number;
  readonly step: number;
  /** When its first period begins. */
  readonly begins: number;
  /** Whole payments; infinite for ever; `null` while it is not known. */
  readonly count: number | null;
  /** The size of a payment, from 0; `null` while it is not known. */
  readonly sizeAt: (index: number) => number | null;
  /** What a payment is worth today, once the rate is known. */
  readonly todayAt: (index: number) => number | null;
}

export interface Ribbon {
  readonly id: string;
  readonly start: number;
  readonly text: string;
  /** The figure alone, for a ribbon without room for its quotation. */
  readonly short: string;
  readonly isUnknown: boolean;
}

/** The worth of everything at one date. */
export interface Worth {
  readonly years: number;
  readonly value: number | null;
}

/** Everything that the timeline shows, free of pixels. */
export interface Sketch {
  readonly posts: readonly Post[];
  readonly strands: readonly Strand[];
  readonly ribbons: readonly Ribbon[];
  readonly worth: Worth | null;
}

type DrawnFlow = SolvedProblem["paid"]["flows"][number];

/** What the picture of one line is made of. */
export interface SketchFacts<Kind extends DrawnFlow["kind"] = DrawnFlow["kind"]> {
  /** The line on the timeline, as it is paid; what is not known yet is not a number. */
  readonly flow: Extract<DrawnFlow, { kind: Kind }>;
  readonly solved: SolvedProblem | null;
  /** What an amount at a time is worth today; `null` while the rate is not known. */
  readonly today: (amount: number, years: number) => number | null;
}

/** A figure of the timeline that may not be known yet. */
export function known(figure: number): number | null {
  return Number.isFinite(figure) ? figure : null;
}

export function sideOf(amount: number): Direction {
  return amount < 0 ? "out" : "in";
}

/** The years of a time that is typed by itself; `null` for one that waits or is not known. */
export function yearsTyped(reading: FieldReading<SaidTime>): number | null {
  return reading.state === "value" && "years" in reading.value ? reading.value.years : null;
}
