import type { Draft, FlowLine, TypedRateLine } from "./draft";

/** A starting pattern for a problem: its name, what it is for, and the draft it begins with. */
export interface Shape {
  readonly id: string;
  readonly name: string;
  readonly explains: string;
  readonly start: () => Draft;
  /** The same pattern with figures in it, to be drawn as a small picture. */
  readonly picture: () => Draft;
}

function rate(percent: string, from = "", number = 1): TypedRateLine {
  return {
    kind: "rate",
    id: `rate-${number}`,
    percent,
    quoted: "nominal",
    compounding: "P1Y",
    from,
  };
}

function money(id: string, direction: "in" | "out", amount: string, at: string): FlowLine {
  return { kind: "single", id, label: "", direction, amount, at };
}

function draftOf(rates: Draft["rates"], flows: FlowLine[], ask: Draft["ask"] = null): Draft {
  return {
    format: "kestrelmoor-draft",
    version: 2,
    title: "",
    question: "",
    rates,
    flows,
    ask,
  };
}

/** One amount put in, one coming back, and one of the four facts unknown. */
function oneAmount(present: string, future: string, percent: string, at: string): Draft {
  return draftOf(
    [rate(percent)],
    [money("put-in", "out", present, "today"), money("comes-back", "in", future, at)],
  );
}

export const SHAPES: readonly Shape[] = [
  {
    id: "future-value",
    name: "What it grows to",
    explains: "One amount is put in. Find what it has become later.",
    start: () => oneAmount("", "?", "", ""),
    picture: () => oneAmount("60", "?", "5", "6 years"),
  },
  {
    id: "present-value",
    name: "What it is worth today",
    explains: "An amount comes later. Find what it is worth now.",
    start: () => oneAmount("?", "", "", ""),
    picture: () => oneAmount("?", "100", "5", "6 years"),
  },
  {
    id: "rate",
    name: "At what rate it grew",
    explains: "Both amounts and the time are known. Find the rate.",
    start: () => oneAmount("", "", "?", ""),
    picture: () => oneAmount("60", "100", "?", "6 years"),
  },
  {
    id: "time",
    name: "How long it takes",
    explains: "Both amounts and the rate are known. Find the time.",
    start: () => oneAmount("", "", "", "?"),
    picture: () => oneAmount("60", "100", "5", "?"),
  },
  {
    id: "rate-change",
    name: "A rate that changes",
    explains: "The rate changes part-way. Find any of the amounts.",
    start: () =>
      draftOf(
        [rate(""), rate("", "", 2)],
        [money("put-in", "out", "", "today"), money("comes-back", "in", "?", "")],
      ),
    picture: () =>
      draftOf(
        [rate("4"), rate("7", "3 years", 2)],
        [money("put-in", "out", "60", "today"), money("comes-back", "in", "?", "6 years")],
      ),
  },
  {
    id: "worth",
    name: "Several amounts, one date",
    explains: "Amounts at different times. Find what they are worth at one date.",
    start: () =>
      draftOf([rate("")], [money("first", "in", "", ""), money("second", "in", "", "")], {
        kind: "worth",
        at: "today",
      }),
    picture: () =>
      draftOf(
        [rate("5")],
        [
          money("first", "in", "40", "2 years"),
          money("second", "in", "60", "4 years"),
          money("third", "in", "90", "6 years"),
        ],
        { kind: "worth", at: "today" },
      ),
  },
];
