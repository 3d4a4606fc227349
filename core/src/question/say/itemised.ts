import type { Flow, FlowOf, Position, Problem } from "../../engine/problem/schema";
import type { UnknownKind } from "../../engine/fields/figure";
import { listUnknowns } from "../../engine/problem/unknown";
import { dayCountWords } from "../../wording/day-count-words";
import { calendarDateWords } from "../../wording/format-time";
import { isDate } from "../../engine/time/moment";
import { addSpans, timesSpan } from "../marks/span";
import { toldAmount, toldPercents } from "./figures";
import type { Names } from "./names";
import {
  firstWords,
  growthWords,
  lengthWords,
  moneyWords,
  paidWords,
  quotedWords,
  rateWords,
  spanWords,
  toldWords,
  whenWords,
} from "./words";

/*
 * Any problem as a list of what is paid and received, in the words that the reader takes item by item: see
 * `shape/itemised`. A story is better told where there is one; this has words for everything.
 */

/** @returns `null` where something has no words */
export function itemisedText(problem: Problem, { group }: Names): string | null {
  const items: string[] = [];
  const done: Flow[] = [];
  for (const flow of inOrder(problem.flows)) {
    const own = itemsOf(flow, problem, done);
    if (own === null) return null;
    items.push(...own);
    done.push(flow);
  }
  const rates = rateLines(problem);
  const ask = askWords(problem);
  if (rates === null || ask === null) return null;
  const today = problem.today ?? firstDate(problem);
  return [
    `${group} expects these payments.`,
    ...(today === undefined ? [] : [`Today is ${calendarDateWords(today)}.`]),
    ...(problem.dayCount === undefined
      ? []
      : [`Days are counted as ${dayCountWords(problem.dayCount)}.`]),
    ...items,
    ...rates,
    ask,
  ].join("\n");
}

/** The day from which times are counted where none is named: that of the first dated amount. */
function firstDate({ flows }: Problem): string | undefined {
  return flows
    .flatMap((flow) => (flow.kind === "dated" ? flow.entries.map(({ on }) => on) : []))
    .sort()[0];
}

/** What comes with the last payment of a stream, or after it, is told behind it. */
function inOrder(flows: readonly Flow[]): readonly Flow[] {
  const placed: Flow[] = [];
  const place = (flow: Flow) => {
    if (placed.includes(flow)) return;
    placed.push(flow);
    for (const other of flows) {
      if (endOf(other) === flow.id) place(other);
    }
  };
  const isFollowing = (flow: Flow) => flows.some(({ id }) => id === endOf(flow));
  flows.filter((flow) => !isFollowing(flow)).forEach(place);
  flows.forEach(place);
  return placed;
}

function endOf(flow: Flow): string | null {
  const at = flow.kind === "single" ? flow.at : flow.kind === "dated" ? null : flow.begins;
  return at !== null && typeof at === "object" ? at.endOf : null;
}

function itemsOf(flow: Flow, problem: Problem, done: readonly Flow[]): readonly string[] | null {
  switch (flow.kind) {
    case "single":
      return all([single(flow, problem, done)]);
    case "stream":
      return all([stream(flow, problem, done)]);
    case "list":
      return list(flow, problem);
    case "dated":
      return all(
        flow.entries.map(({ on, amount }) => entry(amount, whenWords(on), flow.id, problem)),
      );
  }
}

function all(texts: readonly (string | null)[]): readonly string[] | null {
  const told = texts.filter((text) => text !== null);
  return told.length === texts.length ? told : null;
}

const way = (direction: "in" | "out") => `Money ${direction}: `;

function single(
  { direction, amount, at }: FlowOf<"single">,
  problem: Problem,
  done: readonly Flow[],
): string | null {
  const words = amountWords(problem, amount);
  const when = at === null ? "at an unknown time" : atWords(at, done);
  return words === null || when === null ? null : `${way(direction)}${words} ${when}.`;
}

function amountWords(problem: Problem, amount: FlowOf<"single">["amount"]): string | null {
  const told = toldAmount(problem, amount);
  if (told === null) return null;
  const isShare = told.is === "unknown" && amount !== null;
  return isShare
    ? `${String(told.times)} times the unknown amount`
    : toldWords(told, problem.currency);
}

function atWords(at: Exclude<Position, null>, done: readonly Flow[]): string | null {
  if (typeof at === "string") return whenWords(at);
  // Told right behind its stream, it needs no name for it.
  const last = done.findLast(({ kind }) => kind === "stream");
  if (last?.id === at.endOf) return "with the last payment";
  const end = endMoment(done.find(({ id }) => id === at.endOf));
  return end === null ? null : whenWords(end);
}

/** When a flow ends, as a length of time; `null` where that waits for something. */
function endMoment(flow: Flow | undefined): string | null {
  if (flow?.kind === "single")
    return typeof flow.at === "string" && !isDate(flow.at) ? flow.at : null;
  if (flow?.kind !== "stream" && flow?.kind !== "list") return null;
  const { begins, every } = flow;
  const count = flow.kind === "list" ? flow.amounts.length - 1 : flow.count;
  if (typeof begins !== "string" || isDate(begins) || typeof count !== "number") return null;
  return addSpans(begins, timesSpan(count, every));
}

function stream(flow: FlowOf<"stream">, problem: Problem, done: readonly Flow[]): string | null {
  const { direction, count, begins } = flow;
  const told = toldAmount(problem, flow.amount);
  if (told === null || (told.is === "unknown" && flow.amount !== null)) return null;
  const isThen = begins !== null && typeof begins === "object";
  const last = done.findLast(({ kind }) => kind === "stream");
  if (isThen && last?.id !== begins.endOf) return null;
  const length = lengthWords(flow);
  const isCounted = typeof count === "number" && length === null;
  const amount = toldWords(told, problem.currency);
  const first = begins === null ? "the first at an unknown time" : firstWords(flow);
  const times =
    count === null
      ? ", an unknown number of times"
      : count === "forever"
        ? " for ever"
        : isCounted
          ? ""
          : ` for ${length ?? ""}`;
  const paid = `${isThen ? "then " : ""}${isCounted ? `${String(count)} payments of ` : ""}${amount} ${paidWords(flow)}${times}`;
  const parts = [paid, first, growthWords(flow, problem.currency)].filter((part) => part !== null);
  return `${way(direction)}${parts.join(", ")}.`;
}

/** Each amount of a list with its time; nothing is said of zeros. */
function list(flow: FlowOf<"list">, problem: Problem): readonly string[] | null {
  const { begins, every, amounts } = flow;
  if (typeof begins !== "string" || isDate(begins)) return null;
  return all(
    amounts.flatMap((amount, index) =>
      amount === 0
        ? []
        : [entry(amount, whenWords(addSpans(begins, timesSpan(index, every))), flow.id, problem)],
    ),
  );
}

function entry(
  amount: FlowOf<"list">["amounts"][number],
  when: string,
  own: string,
  problem: Problem,
): string | null {
  if (typeof amount === "object" && amount?.of === own) return null;
  const told = toldAmount(problem, amount);
  if (told === null || (told.is === "unknown" && amount !== null)) return null;
  if (told.is === "unknown" || told.amount >= 0)
    return `${way("in")}${toldWords(told, problem.currency)} ${when}.`;
  return `${way("out")}${moneyWords(-told.amount, problem.currency)} ${when}.`;
}

function rateLines(problem: Problem): readonly string[] | null {
  const percents = toldPercents(problem);
  if (percents === null) return null;
  return all(
    problem.rates.map((rate, index) => {
      const percent = percents[index] ?? null;
      const lead = rate.from === undefined ? "Interest" : sinceWords(rate.from);
      if (lead === null) return null;
      return percent === null
        ? `${lead}: an unknown rate ${quotedWords(rate)}.`
        : `${lead}: ${rateWords(percent, rate)}.`;
    }),
  );
}

function sinceWords(from: Exclude<Position, null>): string | null {
  if (typeof from !== "string") return null;
  if (isDate(from)) return `Interest from ${calendarDateWords(from)}`;
  return from === "P0D" ? "Interest" : `Interest after ${spanWords(from)}`;
}

/** What is unknown, as the items call it. */
const NOUNS: Readonly<Record<UnknownKind, string>> = {
  amount: "amount",
  percent: "rate",
  growth: "percentage",
  count: "number of payments",
  at: "time",
  begins: "time",
  value: "value",
};

function askWords(problem: Problem): string | null {
  const { ask } = problem;
  if (ask !== undefined)
    return typeof ask.at === "string" ? `Find the net value ${whenWords(ask.at)}.` : null;
  const [unknown] = listUnknowns(problem);
  if (unknown === undefined) return null;
  const isStep = unknown.kind === "growth" && unknown.path.at(-1) === "amount";
  return `Find the unknown ${isStep ? "fixed amount" : NOUNS[unknown.kind]}.`;
}
