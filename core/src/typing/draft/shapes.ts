import type { Draft } from "./draft";
import { draftOf, money, payments, rate, SIMPLE } from "./shape-lines";

/** A starting pattern for a problem: its name, what it is for, and the draft it begins with. */
export interface Shape {
  readonly id: string;
  readonly name: string;
  readonly explains: string;
  readonly start: () => Draft;
  /** The same pattern with figures in it, to be drawn as a small picture. */
  readonly picture: () => Draft;
}

/** A problem type; its picture is the same draft with numbers in the empty fields. */
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

/** The six that introductory courses set most come first: they are the first row of the notebook. */
export const SHAPES: readonly Shape[] = [
  shape(
    "one-amount",
    "A single amount",
    "A lump sum now and its value later: present value, future value, rate or time.",
    (amount, percent, at) =>
      draftOf(
        [rate(percent)],
        [money("Invested", "out", amount, "today"), money("Future value", "in", "?", at)],
      ),
    ["60", "5", "6 years"],
  ),
  shape(
    "saving-up",
    "Regular saving",
    "Equal deposits build up a fund: the future value of an annuity.",
    (amount, percent, count) =>
      draftOf(
        [rate(percent)],
        [payments("Deposits", "out", amount, count), money("Fund", "in", "?", "when deposits end")],
      ),
    ["40", "5", "8 payments"],
  ),
  shape(
    "value-of-payments",
    "Value of payments",
    "Equal payments valued today: the present value of an annuity.",
    (amount, percent, count) =>
      draftOf(
        [rate(percent)],
        [
          money("Present value", "out", "?", "today"),
          payments("Payments", "in", amount, count, yearly),
        ],
      ),
    ["40", "5", "8 payments"],
  ),
  shape(
    "paying-back",
    "Loan repayments",
    "Equal payments repay a loan: the present value of an annuity.",
    (amount, percent, count) =>
      draftOf(
        [rate(percent)],
        [money("Loan", "in", amount, "today"), payments("Repayments", "out", "?", count)],
      ),
    ["300", "5", "9 payments"],
  ),
  shape(
    "for-ever",
    "Perpetuity",
    "Payments that never end, and their present value.",
    (amount, percent) =>
      draftOf(
        [rate(percent)],
        [money("Price", "out", "?", "today"), payments("Income", "in", amount, "for ever", yearly)],
      ),
    ["40", "5"],
  ),
  shape(
    "uneven",
    "Uneven cash flows",
    "A project's outlays and receipts, and their net present value.",
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
    "both-ends",
    "Savings goal",
    "An opening balance and equal deposits reach a goal.",
    (already, percent, amount, count) =>
      draftOf(
        [rate(percent)],
        [
          money("Opening balance", "out", already, "today"),
          payments("Deposits", "out", amount, count),
          money("Goal", "in", "?", "when deposits end"),
        ],
      ),
    ["120", "5", "40", "8 payments"],
  ),
  shape(
    "drawing-down",
    "Drawing down",
    "Equal withdrawals from a sum: how much, or for how long.",
    (amount, percent, count) =>
      draftOf(
        [rate(percent)],
        [money("Invested", "out", amount, "today"), payments("Withdrawals", "in", "?", count)],
      ),
    ["300", "5", "9 payments"],
  ),
  shape(
    "residual",
    "Loan with a balloon",
    "Payments repay part of a loan; a balloon payment (residual) is due at the end.",
    (amount, percent, count, balloon) =>
      draftOf(
        [rate(percent)],
        [
          money("Loan", "in", amount, "today"),
          payments("Repayments", "out", "?", count),
          money("Balloon", "out", balloon, "when repayments end"),
        ],
      ),
    ["300", "5", "9 payments", "90"],
  ),
  shape(
    "growing",
    "Growing payments",
    "Payments that rise by a percentage or an amount: a growing annuity.",
    (amount, percent, count, growth) =>
      draftOf(
        [rate(percent)],
        [
          money("Present value", "out", "?", "today"),
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
    "Deferred payments",
    "Pay today; the payments start in some years: a deferred annuity.",
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
    "Deposits for some years, then withdrawals.",
    (amount, percent, count, spent) =>
      draftOf(
        [rate(percent)],
        [
          payments("Deposits", "out", amount, count),
          payments("Withdrawals", "in", "?", spent, { begins: "when deposits end" }),
        ],
      ),
    ["40", "5", "7 payments", "5 payments"],
  ),
  shape(
    "rate-change",
    "A rate that changes",
    "The interest rate changes part-way. Find either amount.",
    (amount, first, second, from, at) =>
      draftOf(
        [rate(first), rate(second, { id: "rate-2", from })],
        [money("Invested", "out", amount, "today"), money("Future value", "in", "?", at)],
      ),
    ["60", "4", "7", "3 years", "6 years"],
  ),
  shape(
    "worth",
    "Several amounts",
    "Amounts due at different times. Find their net value at a focal date.",
    (first, firstAt, second, secondAt, percent) =>
      draftOf(
        [rate(percent)],
        [money("First", "in", first, firstAt), money("Second", "in", second, secondAt)],
        { ...WORTH_TODAY },
      ),
    ["40", "2 years", "60", "5 years", "5"],
  ),
  shape(
    "simple-interest",
    "Simple interest",
    "Interest on the principal alone: amount, principal, rate or time.",
    (amount, percent, at) =>
      draftOf(
        [rate(percent, SIMPLE)],
        [money("Lent", "out", amount, "today"), money("Repaid", "in", "?", at)],
      ),
    ["60", "8", "9 months"],
  ),
  shape(
    "debts-replaced",
    "Debts replaced",
    "One payment replaces two debts: an equation of value at a focal date.",
    (first, firstAt, second, secondAt, at, percent) =>
      draftOf(
        [rate(percent, SIMPLE)],
        [
          money("First debt", "in", first, firstAt),
          money("Second debt", "in", second, secondAt),
          money("Payment", "out", "?", at),
        ],
      ),
    ["40", "3 months", "60", "9 months", "6 months", "8"],
  ),
];
