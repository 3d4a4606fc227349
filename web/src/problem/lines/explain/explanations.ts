import { BLANK_DRAFT, type Draft, type StreamLine } from "@kestrelmoor/core/typing";
import type { Term } from "./term";

/** A tiny picture: a timeline, or how an account grows by steps. */
export type TinyPicture =
  | { readonly kind: "timeline"; readonly words: string; readonly draft: Draft }
  | { readonly kind: "steps"; readonly words: string; readonly steps: number };

export interface Explanation {
  readonly name: string;
  readonly sentence: string;
  readonly pictures: readonly TinyPicture[];
}

/** Each term in one sentence and a tiny picture or two, where two are told apart. */
export const EXPLANATIONS: Readonly<Record<Term, Explanation>> = {
  direction: {
    name: "Money in, money out",
    sentence:
      "Money in comes to you and stands on the line; money out leaves you and hangs from it: a loan comes in, its payments go out.",
    pictures: [timeline("a loan", [single("in", "80", "today"), stream({ amount: "24" })])],
  },
  amount: {
    name: "Amount",
    sentence:
      "Type it as the question says it, without a sign: 4,500, 12k, 15*12, or by another line, as in 30% of the loan.",
    pictures: [],
  },
  at: {
    name: "When",
    sentence:
      "The time from today at which the money moves, such as 6 years or 40 months; it may wait for payments to end.",
    pictures: [timeline("after 3 years", [single("in", "60", "3 years")], 4)],
  },
  every: {
    name: "How often",
    sentence:
      "The time between two payments; interest may be compounded at quite another rhythm, and that is told by the rate.",
    pictures: [timeline("every year", [stream({})])],
  },
  count: {
    name: "How long",
    sentence:
      "As a time or as a number of payments; payments that go on for ever are a perpetuity.",
    pictures: [
      timeline("4 payments", [stream({})]),
      timeline("ever", [stream({ count: "ever", direction: "in" })]),
    ],
  },
  timing: {
    name: "End or start",
    sentence:
      "At the end, the first payment comes one period from its beginning: an ordinary annuity; at the start it comes at once: an annuity due.",
    pictures: [
      timeline("end", [stream({}), single("in", "1", "4 years")]),
      timeline("start", [stream({ timing: "start" }), single("in", "1", "4 years")]),
    ],
  },
  begins: {
    name: "From",
    sentence:
      "When the first period begins; where that is later than today, nothing is paid before, and the annuity is deferred.",
    pictures: [
      timeline("today", [stream({}), single("in", "1", "6 years")]),
      timeline("deferred by 2 years", [
        stream({ begins: "2 years" }),
        single("in", "1", "6 years"),
      ]),
    ],
  },
  growth: {
    name: "Growth",
    sentence:
      "A percentage multiplies each payment by the same factor, a growing annuity; an amount adds the same step each time.",
    pictures: [
      timeline("by 30%", [stream({ growth: { by: "percent", figure: "30%", every: "year" } })]),
      timeline("by a step", [stream({ growth: { by: "amount", figure: "6", every: "year" } })]),
    ],
  },
  percent: {
    name: "Rate",
    sentence:
      "Type it as it is quoted, words and all: 7.2% a year compounded fortnightly, 1.8% per quarter, 5% effective.",
    pictures: [],
  },
  quotation: {
    name: "Nominal or effective",
    sentence:
      "A nominal rate is split among its periods, 12% compounded monthly is 1% each month; the effective rate is what they make together in a year: 12.68%.",
    pictures: [
      { kind: "steps", words: "12% in one step", steps: 1 },
      { kind: "steps", words: "1% in 12 steps", steps: 12 },
    ],
  },
  from: {
    name: "A change of rate",
    sentence: "From this time on the new rate holds; what was earned before is kept.",
    pictures: [],
  },
  worth: {
    name: "Worth at a date",
    sentence:
      "Everything is moved to one date and added there: money in counts for you, money out against you; today, that is the net present value.",
    pictures: [
      timeline("at one date", [single("in", "30", "1 year"), single("in", "50", "3 years")]),
    ],
  },
  amounts: {
    name: "Uneven amounts",
    sentence:
      "One amount for each period, in order; write out before money out, 0 for none, 300 x 3 for the same three times, and what it is for in quotation marks behind it.",
    pictures: [
      timeline("out 60; 20; 0; 50", [
        {
          kind: "list",
          id: "list",
          label: "",
          every: "year",
          begins: "today",
          amounts: "out 60; 20; 0; 50",
        },
      ]),
    ],
  },
  entries: {
    name: "Calendar dates",
    sentence:
      "One date and amount after the other, such as 2027-03-01 out 1,000; days are counted from the first, 365 to the year. What it is for may stand behind it in quotation marks.",
    pictures: [],
  },
};

function timeline(words: string, flows: Draft["flows"], years = 0): TinyPicture {
  // An amount too small to be seen keeps the axis as long as its fellow's.
  const end = years === 0 ? [] : [single("in", "0", `${years} years`)];
  return {
    kind: "timeline",
    words,
    draft: {
      ...BLANK_DRAFT,
      rates: [
        {
          kind: "rate",
          id: "rate-1",
          percent: "5",
          quoted: "effective",
          compounding: "P1Y",
          from: "",
        },
      ],
      flows: [...flows, ...end],
    },
  };
}

function single(direction: "in" | "out", amount: string, at: string): Draft["flows"][number] {
  return { kind: "single", id: `single-${at}`, label: "", direction, amount, at };
}

function stream(parts: Partial<StreamLine>): StreamLine {
  return {
    kind: "stream",
    id: "stream",
    label: "",
    direction: "out",
    amount: "20",
    every: "year",
    count: "4 payments",
    timing: "end",
    begins: "today",
    growth: null,
    ...parts,
  };
}
