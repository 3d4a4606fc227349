import {
  formatPercent,
  growthFactor,
  growthOf,
  quotationWords,
  type Draft,
  type DraftReading,
  type SaidTime,
  type FieldReading,
  type Solution,
} from "@kestrelmoor/core";
import type { Outcome } from "../document/document-store";
import { postsOfDated, postsOfList } from "./sketch-list";
import { postOfSingle } from "./sketch-single";
import { strandOf } from "./sketch-strand";

/** One amount as it is drawn: what is not known yet is `null`, and drawn all the same. */
export interface Post {
  readonly id: string;
  /** The line it belongs to, and the field that a click leads to. */
  readonly line: string;
  readonly field: string;
  readonly direction: "in" | "out";
  readonly amount: number | null;
  readonly years: number | null;
  readonly label: string;
  /** Which of its facts is the unknown of the problem. */
  readonly unknown: "amount" | "time" | null;
  /** What it is worth today, once the rate is known. */
  readonly today: number | null;
  /** One of many alike, whose words stand beside another. */
  readonly isQuiet?: true;
  /** Pixels across, where posts stand close. */
  readonly thickness?: number;
}

/** Repeated payments, of which as many are drawn as there is room for. */
export interface Strand {
  readonly id: string;
  readonly direction: "in" | "out";
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

/** Makes the picture of a draft: as far as it can be read, and with the answer once there is one. */
export function sketchOf(draft: Draft, { reading, result }: Outcome): Sketch {
  const solution = result?.ok === true ? result.value : null;
  const posts: Post[] = [];
  const strands: Strand[] = [];
  draft.flows.forEach((line, index) => {
    const read = reading.flows[index];
    const settled = solution?.settled.flows[index] ?? null;
    const facts = { settled, today: worthTodayBy(solution), solution };
    if (line.kind === "single" && read?.kind === "single") {
      posts.push(postOfSingle(line, read, facts));
    } else if (line.kind === "stream" && read?.kind === "stream") {
      const strand = strandOf(line, read, facts);
      if (strand !== null) strands.push(strand);
    } else if (line.kind === "list" && read?.kind === "list") {
      posts.push(...postsOfList(line, read, facts));
    } else if (line.kind === "dated" && read?.kind === "dated") {
      posts.push(...postsOfDated(line, read, facts));
    }
  });
  return {
    posts,
    strands,
    ribbons: ribbonsOf(draft, reading, solution),
    worth: worthOf(reading, solution),
  };
}

/** What the picture of one line may use of the answer. */
export interface SketchFacts {
  readonly settled: Solution["settled"]["flows"][number] | null;
  readonly solution: Solution | null;
  /** What an amount at a time is worth today; `null` while the rate is not known. */
  readonly today: (amount: number, years: number) => number | null;
}

function worthTodayBy(solution: Solution | null): SketchFacts["today"] {
  if (solution === null) return () => null;
  const growth = growthOf(solution.settled);
  return (amount, years) => Math.abs(amount) * growthFactor(growth, years, 0);
}

/** The years of a time that is typed by itself; `null` for one that waits or is not known. */
export function yearsTyped(reading: FieldReading<SaidTime>): number | null {
  return reading.state === "value" && "years" in reading.value ? reading.value.years : null;
}

function ribbonsOf(draft: Draft, { rates }: DraftReading, solution: Solution | null): Ribbon[] {
  return draft.rates.flatMap((line, index) => {
    const reading = rates[index];
    if (line.kind !== "rate" || reading?.kind !== "rate") return [];
    const { from, percent, quotation } = reading;
    const spell = solution?.settled.spells[index];
    const start = from === null ? 0 : (yearsTyped(from) ?? spell?.start ?? null);
    if (start === null) return [];
    const isUnknown = percent.state === "unknown";
    const found = isUnknown && solution !== null ? solution.answers.map(({ value }) => value) : [];
    const typed =
      percent.state !== "value"
        ? null
        : "percent" in percent.value
          ? percent.value.percent
          : (spell?.percent ?? null);
    const percents = typed === null ? found : [typed];
    const figures = percents.map((figure) => formatPercent(figure)).join(" or ");
    const words = quotationWords(quotation);
    return [
      {
        id: line.id,
        start,
        text: figures !== "" ? `${figures} ${words}` : isUnknown ? words : "rate not given yet",
        isUnknown,
      },
    ];
  });
}

function worthOf({ ask }: DraftReading, solution: Solution | null): Worth | null {
  if (ask?.state !== "value") return null;
  const years = yearsTyped(ask);
  if (years === null) return null;
  const value = solution?.unknown.kind === "value" ? solution.answers[0].value : null;
  return { years, value };
}
