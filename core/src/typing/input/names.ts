import { USUAL_DAY_COUNT, type DayCount } from "../../engine/time/day-count";
import type { Duration } from "../../engine/time/duration";
import type { Calendar } from "../../engine/time/moment";
import type { DateOrder } from "./read-date";
import { TAKES_UP_NOTHING, type TakeUp } from "./take-up";

/** By what a time is read. */
export interface TimesSaid {
  /** What dates are counted by; `null` where today has no date. */
  readonly calendar: Calendar | null;
  /** How days are counted, also those that are said without a date. */
  readonly dayCount: DayCount;
  /** In which order a date in numbers is written. */
  readonly dateOrder: DateOrder;
}

/** Without dates, in textbook years. */
export const TEXTBOOK_TIMES: TimesSaid = {
  calendar: null,
  dayCount: USUAL_DAY_COUNT,
  dateOrder: "day-first",
};

/** What the lines of a draft are called, so that one line can be said by another. */
export interface Names extends TimesSaid {
  /** The flow that some words name: its label, or its id as words; `null` where none is. */
  readonly find: (words: string) => string | null;
  /** The words that name a flow and no other. */
  readonly nameOf: (id: string) => string;
  /** The only repeated payments there are, which need no name; `null` where there are none or several. */
  readonly onlyStream: string | null;
  /** Every name that a calculation may use, in small letters, with the flow that it names. */
  readonly all: readonly { readonly words: string; readonly id: string }[];
  /** How long "a period" is, ISO 8601; `null` where no rate says so. */
  readonly period: string | null;
  /** The payments of a flow, by which one of them can be told by its number; `null` where they are not known. */
  readonly paymentsOf: (id: string) => NumberedPayments | null;
  /** Puts in what a text takes up of earlier parts of the question. */
  readonly takeUp: TakeUp;
}

/** Payments that can be told by their number. */
export interface NumberedPayments {
  readonly begins: Duration;
  readonly every: Duration;
  readonly timing: "end" | "start";
  /** Infinite for ever; `null` while it is not known. */
  readonly count: number | null;
}

interface Named {
  readonly id: string;
  readonly label?: string | undefined;
  readonly kind: string;
}

const ARTICLE = /^(?:the|my|our|their|its|each|every)\s+/;

/** Case, articles and a plural's last letter do not tell names apart. */
function keyOf(words: string): string {
  return words
    .trim()
    .toLowerCase()
    .replace(/[-_\s]+/g, " ")
    .replace(ARTICLE, "")
    .replace(/s$/, "");
}

/**
 * The names of flows or of their lines, in the problem's order: the first of two alike is meant. What they say of
 * time is added by whoever knows it.
 */
export function namesOf(flows: readonly Named[]): Names {
  const ids = new Map<string, string>();
  for (const words of [({ label }: Named) => label ?? "", ({ id }: Named) => id]) {
    for (const flow of flows) {
      const key = keyOf(words(flow));
      // A name of digits would be taken for an amount.
      if (/[a-z]/i.test(key) && !ids.has(key)) ids.set(key, flow.id);
    }
  }
  const find = (words: string) => ids.get(keyOf(words)) ?? null;
  const streams = flows.filter(({ kind }) => kind === "stream");
  const [only] = streams;
  return {
    find,
    nameOf: (id) => {
      const label = flows.find((flow) => flow.id === id)?.label ?? "";
      return find(label) === id ? label.trim().toLowerCase() : id.replace(/[-_]+/g, " ");
    },
    onlyStream: streams.length === 1 && only !== undefined ? only.id : null,
    all: [...ids].flatMap(([words, id]) => [
      { words, id },
      { words: `${words}s`, id },
    ]),
    ...TEXTBOOK_TIMES,
    period: null,
    paymentsOf: () => null,
    takeUp: TAKES_UP_NOTHING,
  };
}
