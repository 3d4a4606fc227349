import {
  durationWords,
  formatMoney,
  formatPercent,
  formatYears,
  growthFactor,
  growthOf,
  settledSingle,
  quotationWords,
  type Draft,
  type DraftReading,
  type Solution,
} from "@kestrelmoor/core";
import type { Outcome } from "../document/document-store";

/** One amount as it is drawn: what is not known yet is `null`, and drawn all the same. */
export interface Post {
  readonly id: string;
  readonly direction: "in" | "out";
  readonly amount: number | null;
  readonly years: number | null;
  readonly label: string;
  /** Which of its facts is the unknown of the problem. */
  readonly unknown: "amount" | "time" | null;
  /** What it is worth today, once the rate is known. */
  readonly today: number | null;
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
  readonly ribbons: readonly Ribbon[];
  readonly worth: Worth | null;
}

/** Makes the picture of a draft: as far as it can be read, and with the answer once there is one. */
export function sketchOf(draft: Draft, { reading, result }: Outcome): Sketch {
  const solution = result?.ok === true ? result.value : null;
  return {
    posts: draft.flows.flatMap((line, index) => {
      if (line.kind !== "single") return [];
      return [postOf(line, reading, solution, index)];
    }),
    ribbons: ribbonsOf(draft, reading, solution),
    worth: worthOf(reading, solution),
  };
}

function postOf(
  line: { id: string; direction: "in" | "out"; label: string },
  { flows }: DraftReading,
  solution: Solution | null,
  index: number,
): Post {
  const flow = flows[index];
  if (flow?.kind !== "single") throw new TypeError("A line and its reading belong together");
  const settled = solution === null ? null : settledSingle(solution, index);
  const amount = flow.amount.state === "value" ? flow.amount.value : null;
  const years = flow.at.state === "value" ? flow.at.value.years : null;
  return {
    id: line.id,
    // An amount that balances the other way round is drawn where it balances.
    direction:
      settled === null
        ? line.direction
        : settled.amount < 0
          ? "out"
          : settled.amount > 0
            ? "in"
            : line.direction,
    amount: amount ?? (settled === null ? null : Math.abs(settled.amount)),
    years: years ?? settled?.at ?? null,
    label: line.label,
    unknown:
      flow.amount.state === "unknown" ? "amount" : flow.at.state === "unknown" ? "time" : null,
    today:
      settled === null || solution === null
        ? null
        : Math.abs(settled.amount) * growthFactor(growthOf(solution.settled), settled.at, 0),
  };
}

function ribbonsOf(draft: Draft, { rates }: DraftReading, solution: Solution | null): Ribbon[] {
  return draft.rates.flatMap((line, index) => {
    const reading = rates[index];
    if (line.kind !== "rate" || reading?.kind !== "rate") return [];
    const { from, percent, quotation } = reading;
    const start = from === null ? 0 : from.state === "value" ? from.value.years : null;
    if (start === null) return [];
    const isUnknown = percent.state === "unknown";
    const found = isUnknown && solution !== null ? solution.answers.map(({ value }) => value) : [];
    const percents = percent.state === "value" ? [percent.value.percent] : found;
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
  const value = solution?.unknown.kind === "value" ? solution.answers[0].value : null;
  return { years: ask.value.years, value };
}

/** A time on the axis in words: "today", "after 6 years". */
export function whenWords(years: number): string {
  if (years === 0) return "today";
  const months = years * 12;
  return Math.abs(months - Math.round(months)) < 1e-9
    ? `after ${monthsInWords(Math.round(months))}`
    : `after ${formatYears(years)}`;
}

function monthsInWords(months: number): string {
  const parts = [
    months >= 12 ? `${Math.floor(months / 12)}Y` : "",
    months % 12 === 0 ? "" : `${months % 12}M`,
  ];
  return durationWords(`P${parts.join("")}`);
}

/** One post as a sentence, for those who do not see the picture. */
export function postInWords(post: Post): string {
  const size =
    post.amount === null
      ? post.unknown === "amount"
        ? "the unknown amount"
        : "an amount not given yet"
      : `${formatMoney(post.amount)}${post.unknown === "amount" ? " (found)" : ""}`;
  const time =
    post.years === null
      ? post.unknown === "time"
        ? "at the unknown time"
        : "at a time not given yet"
      : `${whenWords(post.years)}${post.unknown === "time" ? " (found)" : ""}`;
  return `Money ${post.direction}: ${size}, ${time}${post.label === "" ? "" : `, ${post.label}`}`;
}
