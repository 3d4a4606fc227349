import type { FieldName, Direction } from "@kestrelmoor/core";
import { BLANK_DRAFT, type Draft, type StreamLine } from "@kestrelmoor/core/typing";

/** A tiny picture: a timeline, or how an account grows by steps. */
export type TinyPicture =
  | { readonly kind: "timeline"; readonly words: string; readonly draft: Draft }
  | { readonly kind: "steps"; readonly words: string; readonly steps: number };

export interface Explanation {
  readonly name: string;
  readonly sentence: string;
  readonly pictures: readonly TinyPicture[];
}

/** Each term in a sentence or two, and a small picture; two pictures show a contrast. */
export const EXPLANATIONS: Readonly<Record<FieldName, Explanation>> = {
  direction: {
    name: "Money in, money out",
    sentence:
      "Money in (a cash inflow) is money you receive, drawn above the line. Money out (an outflow) is money you pay, drawn below. A loan is money in; its repayments are money out.",
    pictures: [timeline("a loan", [single("in", "80", "today"), stream({ amount: "24" })])],
  },
  amount: {
    name: "Amount",
    sentence:
      "Type the amount without a sign: 4,500, 12k or 15*12. You can refer to another line, 30% of the loan, or to an earlier part, half the payment of (a).",
    pictures: [],
  },
  at: {
    name: "Time",
    sentence:
      "The time from today, such as 6 years or 40 months, or the end of other payments: when deposits end.",
    pictures: [timeline("after 3 years", [single("in", "60", "3 years")], 4)],
  },
  every: {
    name: "Payment frequency",
    sentence:
      "The time between two payments. The compounding frequency can differ: it belongs to the rate.",
    pictures: [timeline("every year", [stream({})])],
  },
  count: {
    name: "Number of payments",
    sentence: "Type a time or a number of payments. Payments for ever are a perpetuity.",
    pictures: [
      timeline("4 payments", [stream({})]),
      timeline("for ever", [stream({ count: "for ever", direction: "in" })]),
    ],
  },
  timing: {
    name: "End or start",
    sentence:
      "At the end of each period: an ordinary annuity. At the start, with the first payment at once: an annuity due.",
    pictures: [
      timeline("end", [stream({}), single("in", "1", "4 years")]),
      timeline("start", [stream({ timing: "start" }), single("in", "1", "4 years")]),
    ],
  },
  begins: {
    name: "Start",
    sentence:
      "When the first period starts. If it is later than today, this is a deferred annuity.",
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
      "Growth by a percentage makes a growing annuity; growth by an amount adds the same sum each time.",
    pictures: [
      timeline("by 30%", [stream({ growth: { by: "percent", figure: "30%", every: "year" } })]),
      timeline("by an amount", [stream({ growth: { by: "amount", figure: "6", every: "year" } })]),
    ],
  },
  "growth-every": {
    name: "Growth frequency",
    sentence: "How often the payments grow, such as once a year. In between, they stay the same.",
    pictures: [],
  },
  percent: {
    name: "Rate",
    sentence:
      "Type the rate as quoted, with its words: 7.2% a year compounded fortnightly, 1.8% per quarter, 5% effective.",
    pictures: [],
  },
  quotation: {
    name: "Nominal or effective",
    sentence:
      "A nominal rate is divided by its compounding periods: 12% compounded monthly is 1% per month. The effective annual rate includes compounding: 12.68%.",
    pictures: [
      { kind: "steps", words: "12% once", steps: 1 },
      { kind: "steps", words: "1% 12 times", steps: 12 },
    ],
  },
  from: {
    name: "Rate change",
    sentence: "From this time, interest is earned at the new rate.",
    pictures: [],
  },
  "worth-at": {
    name: "Net value at a date",
    sentence:
      "Every amount is moved to the focal date and added: money in is positive, money out negative. Today, that is the net present value.",
    pictures: [
      timeline("at the focal date", [single("in", "30", "1 year"), single("in", "50", "3 years")]),
    ],
  },
  amounts: {
    name: "Uneven cash flows",
    sentence:
      "One amount per period, in order. Type out before money out, 0 for none, 300 x 3 for three equal amounts. A label can follow in quotation marks.",
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
      "A date and an amount each, such as 2027-03-01 out 1,000. Days are counted from the first date, 365 to a year. A label can follow in quotation marks.",
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
          compoundedBy: "words",
          from: "",
        },
      ],
      flows: [...flows, ...end],
    },
  };
}

function single(direction: Direction, amount: string, at: string): Draft["flows"][number] {
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
