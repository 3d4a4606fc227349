import {
  BLANK_DRAFT,
  type Draft,
  type FlowLine,
  type StreamLine,
  type TypedRateLine,
} from "./draft";

/** A starting pattern for a problem: its name, what it is for, and the draft it begins with. */
export interface Shape {
  readonly id: string;
  readonly name: string;
  readonly explains: string;
  readonly start: () => Draft;
  /** The same pattern with figures in it, to be drawn as a small picture. */
  readonly picture: () => Draft;
}

function rate(percent: string, parts: Partial<TypedRateLine> = {}): TypedRateLine {
  return {
    kind: "rate",
    id: "rate-1",
    percent,
    quoted: "nominal",
    compounding: "P1Y",
    from: "",
    ...parts,
  };
}

const monthly = (percent: string) => rate(percent, { compounding: "P1M" });

function money(label: string, direction: "in" | "out", amount: string, at: string): FlowLine {
  return { kind: "single", id: idOf(label), label, direction, amount, at };
}

function payments(
  label: string,
  direction: "in" | "out",
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

function draftOf(rates: Draft["rates"], flows: FlowLine[], ask: Draft["ask"] = null): Draft {
  return { ...BLANK_DRAFT, rates, flows, ask };
}

/** A pattern whose picture is itself with figures in the empty fields. */
function shape<Figures extends readonly string[]>(
  id: string,
  name: string,
  explains: string,
  make: (...figures: Figures) => Draft,
  pictured: Figures,
): Shape {
  const empty = pictured.map(() => "") as unknown as Figures;
  return { id, name, explains, start: () => make(...empty), picture: () => make(...pictured) };
}

const WORTH_TODAY = { kind: "worth", at: "today" } as const;
const yearly = { every: "year" } as const;

export const SHAPES: readonly Shape[] = [
  shape(
    "one-amount",
    "What it grows to",
    "One amount is put in and comes back later, with interest.",
    (amount, percent, at) =>
      draftOf(
        [rate(percent)],
        [money("Put in", "out", amount, "today"), money("Comes back", "in", "?", at)],
      ),
    ["60", "5", "6 years"],
  ),
  shape(
    "saving-up",
    "Saving up",
    "Even payments go in. Find what they come to.",
    (amount, percent, count) =>
      draftOf(
        [monthly(percent)],
        [payments("Saving", "out", amount, count), money("Fund", "in", "?", "when saving ends")],
      ),
    ["40", "5", "8 payments"],
  ),
  shape(
    "paying-back",
    "Paying back",
    "A loan comes in, and even payments clear it.",
    (amount, percent, count) =>
      draftOf(
        [monthly(percent)],
        [money("Loan", "in", amount, "today"), payments("Repayments", "out", "?", count)],
      ),
    ["300", "5", "9 payments"],
  ),
  shape(
    "both-ends",
    "An amount at each end",
    "Something is there already, payments are added, and a goal waits at the end.",
    (already, percent, amount, count) =>
      draftOf(
        [monthly(percent)],
        [
          money("Already saved", "out", already, "today"),
          payments("Saving", "out", amount, count),
          money("Goal", "in", "?", "when saving ends"),
        ],
      ),
    ["120", "5", "40", "8 payments"],
  ),
  shape(
    "residual",
    "A loan with a residual",
    "Payments clear a loan but for an amount that is due at the end.",
    (amount, percent, count, residual) =>
      draftOf(
        [monthly(percent)],
        [
          money("Loan", "in", amount, "today"),
          payments("Repayments", "out", "?", count),
          money("Residual", "out", residual, "when repayments end"),
        ],
      ),
    ["300", "5", "9 payments", "90"],
  ),
  shape(
    "growing",
    "Payments that grow",
    "Each year they are more, by a percentage or an amount.",
    (amount, percent, count, growth) =>
      draftOf(
        [rate(percent)],
        [
          money("Worth", "out", "?", "today"),
          payments("Rent", "in", amount, count, {
            ...yearly,
            growth: { by: "percent", figure: growth, every: "year" },
          }),
        ],
      ),
    ["40", "5", "8 payments", "12%"],
  ),
  shape(
    "deferred",
    "Payments that start later",
    "Something is paid for today, and the payments wait some years.",
    (amount, percent, count, begins) =>
      draftOf(
        [rate(percent)],
        [
          money("Price", "out", "?", "today"),
          payments("Pension", "in", amount, count, { ...yearly, begins }),
        ],
      ),
    ["40", "5", "6 payments", "4 years"],
  ),
  shape(
    "save-then-spend",
    "Save, then spend",
    "Payments in for some years, payments out for some more.",
    (amount, percent, count, spent) =>
      draftOf(
        [monthly(percent)],
        [
          payments("Saving", "out", amount, count),
          payments("Spending", "in", "?", spent, { begins: "when saving ends" }),
        ],
      ),
    ["40", "5", "7 payments", "5 payments"],
  ),
  shape(
    "for-ever",
    "For ever",
    "Payments without an end, and what they are worth today.",
    (amount, percent) =>
      draftOf(
        [rate(percent)],
        [money("Price", "out", "?", "today"), payments("Income", "in", amount, "ever", yearly)],
      ),
    ["40", "5"],
  ),
  shape(
    "rate-change",
    "A rate that changes",
    "The rate changes part-way. Find any of the amounts.",
    (amount, first, second, from, at) =>
      draftOf(
        [rate(first), rate(second, { id: "rate-2", from })],
        [money("Put in", "out", amount, "today"), money("Comes back", "in", "?", at)],
      ),
    ["60", "4", "7", "3 years", "6 years"],
  ),
  shape(
    "uneven",
    "Uneven amounts",
    "A project: what goes in, what comes back each year, and what it is worth.",
    (amounts, percent) =>
      draftOf(
        [rate(percent)],
        [
          {
            kind: "list",
            id: "project",
            label: "Project",
            every: "year",
            begins: "today",
            amounts,
          },
        ],
        { ...WORTH_TODAY },
      ),
    ["out 100; 20; 50; 35; 60; 30", "5"],
  ),
  shape(
    "worth",
    "Several amounts, one date",
    "Amounts at different times. Find what they are worth at one date.",
    (first, firstAt, second, secondAt, percent) =>
      draftOf(
        [rate(percent)],
        [money("First", "in", first, firstAt), money("Second", "in", second, secondAt)],
        { ...WORTH_TODAY },
      ),
    ["40", "2 years", "60", "5 years", "5"],
  ),
];
