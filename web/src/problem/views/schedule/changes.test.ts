import { describe, expect, test } from "@jest/globals";
import type { LoanChange } from "@kestrelmoor/core";
import { loanOf, problemOf } from "../../../../test/loans";
import cases from "../../../../../core/reference/schedules.json";
import type { ScheduleAccount } from "./account-of";
import { changedAccounts, type ChangedAccounts } from "./changed-accounts";
import { drawnBalances, partsOverTime } from "./picture-points";
import { savedWords } from "./saved-words";
import { scheduleFigures } from "./schedule-figures";
import { scheduleWords } from "@kestrelmoor/core/teaching";
import { shownSchedule } from "./shown-rows";
import { USUAL_FORMAT } from "@kestrelmoor/core";

/** Without interest everything can be told by heart: 1,000 in ten payments of 100. */
const tenOf100 = (percent = 0) =>
  loanOf(1000, { percent, quoted: "nominal", compounding: "P1M" }, { every: "P1M", count: 10 });

function accounts(
  parts: object,
  changes: readonly LoanChange[],
  rounding: "none" | "cent" = "none",
): ChangedAccounts {
  const lines = changes.map((change, index) => ({ id: `change-${index + 1}`, change }));
  const found = changedAccounts(problemOf(parts), "repayments", rounding, lines, USUAL_FORMAT);
  if (!found.ok) throw new Error(found.sentence);
  return found.accounts;
}

const extra = (amount: number, fromPayment: number): LoanChange => ({
  ...{ kind: "extra", often: "payment" },
  ...{ amount, fromPayment },
});

const pause = (kind: "holiday" | "interest-only", from: number, to: number): LoanChange => ({
  kind,
  fromPayment: from,
  toPayment: to,
  then: "kept",
});

const words = ({ plain, changed }: ChangedAccounts) =>
  savedWords(plain, changed ?? plain, (amount) => amount.toFixed(2), USUAL_FORMAT);

describe("the extras of the reference, to the cent, as changes", () => {
  const changed = cases.filter(({ extra: own }) => own !== undefined);
  test.each(changed.map((one) => [one.id, one] as const))("%s", (_, wanted) => {
    const { loan, rate, every, count, extra: own } = wanted;
    const problem = loanOf(loan, rate, { every, count });
    const { amount = 0, fromPayment = 1 } = own ?? {};
    const found = accounts(problem, [extra(amount, fromPayment)], "cent").changed;
    expect(found?.schedule.paymentsMade).toBe(wanted.expect.paymentsMade);
    expect(found?.schedule.totalInterest.toFixed(2)).toBe(wanted.expect.totalInterest);
    expect(found?.schedule.finalPayment.toFixed(2)).toBe(wanted.expect.finalPayment);
    for (const row of wanted.expect.rows) {
      const shown = found?.schedule.rows[row.payment - 1];
      expect(shown?.balance.toFixed(2)).toBe(row.balance);
    }
  });
});

describe("changes that can be made, and those that cannot", () => {
  test("what is wrong stays out, is told on its line, and all else is counted", () => {
    const found = accounts(tenOf100(), [
      pause("holiday", 3, 4),
      pause("interest-only", 4, 5),
      extra(50, 40),
      extra(100, 1),
    ]);
    expect(found.changed?.schedule.rows.map(({ paid }) => paid)).toEqual([
      200, 200, 0, 0, 200, 200, 200,
    ]);
    expect([...found.complaints]).toEqual([
      ["change-2", expect.stringContaining("Payment 4 is already skipped")],
      ["change-3", expect.stringMatching(/^There is no payment 40: payment 7 is the last/)],
    ]);
    expect(found.trouble).toBeNull();
  });

  test("payments that no longer cover the interest leave the plain schedule, and say so", () => {
    const rate: LoanChange = {
      ...{ kind: "rate", fromPayment: 2, percent: 300, then: "kept" },
      quotation: { quoted: "nominal", compounding: "P1M" },
    };
    const found = accounts(tenOf100(), [rate]);
    expect(found.changed).toBeNull();
    expect(found.trouble).toMatch(/^The payment of 100.00 no longer covers the interest/);
    expect(found.plain.schedule.paymentsMade).toBe(10);
  });

  test("nothing that can be made is the plain schedule", () => {
    const found = accounts(tenOf100(), [pause("holiday", 11, 12)]);
    expect(found.changed).toBeNull();
    expect(found.complaints.get("change-1")).toMatch(/there are only 10/);
  });
});

describe("what changes save", () => {
  test.each<[string, LoanChange[], string]>([
    [
      "time",
      [extra(100, 1)],
      "The changes do not change the interest and end the loan 5 payments (5 months) earlier.",
    ],
    [
      "less time",
      [pause("holiday", 1, 2)],
      "The changes do not change the interest and end the loan 2 payments (2 months) later.",
    ],
    [
      "nothing",
      [{ kind: "fee", amount: 10, isAdded: false }],
      "The changes do not change the interest and keep the date of the final payment.",
    ],
  ])("%s", (_, changes, sentence) => {
    expect(words(accounts(tenOf100(), changes))).toBe(sentence);
  });

  test("interest: the sentence says what the schedules differ by", () => {
    const found = accounts(tenOf100(12), [extra(100, 1)]);
    const interest = ({ schedule }: ScheduleAccount) => schedule.totalInterest;
    const saved = interest(found.plain) - interest(found.changed ?? found.plain);
    expect(saved).toBeGreaterThan(10);
    expect(words(found)).toContain(`save ${saved.toFixed(2)} of interest`);
  });

  test("savings end with more, and more is put in", () => {
    const savings = {
      rates: [{ percent: 0, quoted: "effective" }],
      flows: [
        {
          ...{ id: "repayments", kind: "stream", direction: "out", amount: 100, every: "P1M" },
          ...{ count: 10, timing: "end", begins: "P0D" },
        },
        { id: "goal", kind: "single", direction: "in", amount: null, at: { endOf: "repayments" } },
      ],
    };
    expect(words(accounts(savings, [extra(20, 6)]))).toBe(
      "With the changes, the closing balance is 100.00 higher and the deposits are 100.00 higher.",
    );
  });
});

describe("what is shown of them", () => {
  const found = accounts(tenOf100(), [extra(100, 3)]);
  const changed = found.changed ?? found.plain;

  test("both balances over the longer of the two times", () => {
    const points = drawnBalances(changed, found.plain);
    expect(points.map(({ payment }) => payment)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    expect(points[4]).toMatchObject({ balance: 400, plain: 600 });
    expect(points[8]).toMatchObject({ plain: 200 });
    expect(points[8]?.balance).toBeUndefined();
    expect(drawnBalances(found.plain, null)[4]).toMatchObject({ balance: 600 });
  });

  test("what each payment is made of, with the changes and without", () => {
    const parts = partsOverTime(changed, found.plain);
    expect(parts).toHaveLength(10);
    expect(parts[3]).toMatchObject({ name: "4", principal: 200, plainPrincipal: 100 });
    expect(parts[9]?.principal).toBeUndefined();
  });

  test("extra payments have a column of their own, in files too, and in subtotals", () => {
    const { heads, rows } = scheduleFigures(changed, null);
    expect(rows[2]?.[heads.indexOf("Extra")]).toBe(100);
    expect(scheduleFigures(found.plain, null).heads).not.toContain("Extra");
    expect(shownSchedule(changed, null, null).years[0]?.totals.extra).toBe(400);
  });
});

test("a loan is owed, a fund that is drawn down is there", () => {
  expect(scheduleWords({ kind: "repaying", isOwed: true })).toMatchObject({
    before: "Opening balance",
    paid: "Paid",
  });
  expect(scheduleWords({ kind: "repaying", isOwed: false })).toMatchObject({
    after: "Closing balance",
    paid: "Withdrawn",
    interest: "Interest earned",
  });
  expect(scheduleWords({ kind: "saving", isOwed: false }).paid).toBe("Deposited");
  expect(scheduleWords({ kind: "saving", isOwed: true }).paid).toBe("Received");
});
