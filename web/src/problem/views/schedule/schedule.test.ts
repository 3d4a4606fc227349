import { describe, expect, test } from "@jest/globals";
import { USUAL_FORMAT, writeMoney } from "@kestrelmoor/core";
import { TEXTBOOK_TIMES } from "@kestrelmoor/core/typing";
import { accountIn, loanOf, problemOf } from "../../../../test/loans";
import cases from "../../../../../core/reference/schedules.json";
import { changedAccounts } from "./changed-accounts";
import { dateIn } from "./first-date";
import { goTo } from "./go-to";
import { balanceOverTime, partsOverTime } from "./picture-points";
import { scheduleFigures } from "./schedule-figures";
import { roundingWords } from "./ScheduleSummary";
import { shownSchedule } from "./shown-rows";
import { spanIn } from "./span-in";

const account = (parts: object, rounding?: "cent" | "none") =>
  accountIn(problemOf(parts), rounding);
const MONTHLY = { percent: 6, quoted: "nominal", compounding: "P1M" };
const threeYears = account(loanOf(9000, MONTHLY, { every: "P1M", count: 36 }), "cent");

describe("what the page shows of the reference, to the cent", () => {
  const plain = cases.filter(({ extra }) => extra === undefined);
  test.each(plain.map((one) => [one.id, one] as const))("%s", (_, wanted) => {
    const { loan, rate, every, count } = wanted;
    const own = account(loanOf(loan, rate, { every, count }), "cent");
    const money = (amount: number) => writeMoney(amount, USUAL_FORMAT).replaceAll(",", "");
    expect(money(own.schedule.payment)).toBe(wanted.expect.payment);
    expect(money(own.schedule.finalPayment)).toBe(wanted.expect.finalPayment);
    expect(money(own.schedule.totalInterest)).toBe(wanted.expect.totalInterest);
    const shown = shownSchedule(own, null, new Set(Array.from({ length: 400 }, (_, k) => k)));
    const payments = shown.rows.flatMap((row) => (row.kind === "payment" ? [row.row] : []));
    expect(payments).toHaveLength(wanted.expect.paymentsMade);
    for (const row of wanted.expect.rows) {
      const found = payments[row.payment - 1];
      expect(
        [found?.paid, found?.interest, found?.principal, found?.balance].map((figure) =>
          money(figure ?? NaN),
        ),
      ).toEqual([row.paid, row.interest, row.principal, row.balance]);
    }
  });
});

describe("rows in years", () => {
  test("a long schedule opens its first year, and others as somebody asks", () => {
    const first = shownSchedule(threeYears, null, null);
    expect(first.rows.map((row) => row.kind === "year" && row.isOpen).filter(Boolean)).toEqual([
      true,
    ]);
    expect(first.rows).toHaveLength(3 + 12);
    expect(shownSchedule(threeYears, null, new Set()).rows).toHaveLength(3);
    expect(shownSchedule(threeYears, null, new Set([1, 2, 3])).rows).toHaveLength(3 + 36);
  });

  test("a short one is open at once, and yearly payments have no years", () => {
    const short = account(loanOf(9000, MONTHLY, { every: "P1M", count: 24 }));
    expect(shownSchedule(short, null, null).rows).toHaveLength(2 + 24);
    const yearly = account(loanOf(9000, MONTHLY, { every: "P1Y", count: 40 }));
    expect(shownSchedule(yearly, null, null)).toMatchObject({ years: [] });
  });

  test("with a date the years are those of the calendar, and the day comes back after February", () => {
    const { years, rows } = shownSchedule(threeYears, "2027-10-31", new Set([2027, 2028]));
    expect(years.map(({ year, from, to }) => [year, from, to])).toEqual([
      [2027, 1, 3],
      [2028, 4, 15],
      [2029, 16, 27],
      [2030, 28, 36],
    ]);
    const dates = rows.flatMap((row) => (row.kind === "payment" ? [row.date] : []));
    expect(dates.slice(3, 6)).toEqual(["2028-01-31", "2028-02-29", "2028-03-31"]);
  });

  test("the interest so far runs to the whole", () => {
    const open = shownSchedule(threeYears, null, new Set([3]));
    const last = open.rows.at(-1);
    expect(last?.kind === "payment" ? last.interestSoFar : NaN).toBeCloseTo(
      threeYears.schedule.totalInterest,
      9,
    );
  });
});

describe("a payment is found", () => {
  const readBy = (firstDate: string | null) => ({
    firstDate,
    said: TEXTBOOK_TIMES,
    format: USUAL_FORMAT,
  });

  test.each<[string, string | null, number]>([
    ["13", null, 13],
    ["payment 13", null, 13],
    ["#13", null, 13],
    ["after 2 years", null, 24],
    ["2y 1m", null, 25],
    ["below 4,600", null, 19],
    ["the balance below 4600", null, 19],
    ["2028-02-01", "2027-01-31", 14],
    ["2028-02-29", "2027-01-31", 14],
    ["29 Feb 2028", "2027-01-31", 14],
    ["1/2/2028", "2027-01-31", 14],
    ["2 years from today", null, 24],
    ["in 2 years", null, 24],
  ])("%s", (typed, firstDate, payment) => {
    expect(goTo(typed, threeYears, readBy(firstDate))).toMatchObject({
      state: "found",
      row: { payment },
    });
  });

  test.each<[string, string | null]>([
    ["0", null],
    ["37", null],
    ["2028-02-01", null],
    ["2028-02-30", "2027-01-31"],
    ["2040-01-01", "2027-01-31"],
    ["below -3", null],
    ["below nothing much", null],
    ["soon", null],
    ["1 day", null],
  ])("%s is told why not", (typed, firstDate) => {
    const found = goTo(typed, threeYears, readBy(firstDate));
    expect(found.state === "none" ? found.sentence : "").toMatch(/^[A-Z“].*\.$/);
  });

  test("nothing typed finds nothing", () => {
    expect(goTo("  ", threeYears, readBy(null))).toEqual({ state: "empty" });
  });
});

describe("a span of payments", () => {
  const usual = { from: 1, to: 12 };
  test.each([
    ["", "", 1, 12],
    ["13", "24", 13, 24],
    ["payment 5", "", 5, 12],
    ["20", "", 20, 20],
    ["", "3", 1, 3],
    ["36", "36", 36, 36],
  ])("“%s” to “%s” is %d to %d", (from, to, first, last) => {
    expect(spanIn(from, to, usual, 36, USUAL_FORMAT)).toEqual({ ok: true, from: first, to: last });
  });

  test.each([
    ["0", "5"],
    ["5", "37"],
    ["9", "3"],
    ["1.5", "3"],
    ["a", "b"],
  ])("“%s” to “%s” is told why not", (from, to) => {
    const span = spanIn(from, to, usual, 36, USUAL_FORMAT);
    expect(span.ok ? "" : span.sentence).toMatch(/^[A-Z].*\.$/);
  });
});

describe("the pictures", () => {
  test("the balance runs from what is lent to nothing, and long ones are thinned", () => {
    const points = balanceOverTime(threeYears);
    expect(points[0]).toMatchObject({ payment: 0, balance: 9000 });
    expect(points.at(-1)).toMatchObject({ payment: 36, balance: 0 });
    const daily = account(loanOf(9000, MONTHLY, { every: "P1D", count: 3650 }));
    const thin = balanceOverTime(daily);
    expect(thin.length).toBeLessThanOrEqual(160);
    expect(thin[0]?.payment).toBe(0);
    expect(thin.at(-1)?.payment).toBe(3650);
  });

  test("bars are payments, or years where there are many, and add up to the whole", () => {
    const daily = account(loanOf(9000, MONTHLY, { every: "P1D", count: 3650 }));
    expect(partsOverTime(threeYears)).toHaveLength(36);
    const years = partsOverTime(daily);
    expect(years).toHaveLength(10);
    const interest = years.reduce((sum, { interest = 0 }) => sum + interest, 0);
    expect(interest).toBeCloseTo(daily.schedule.totalInterest, 6);
  });

  test("savings are what is put in and its growth", () => {
    const savings = account({
      rates: [MONTHLY],
      flows: [
        {
          ...{ id: "repayments", kind: "stream", direction: "out", amount: 100 },
          ...{ every: "P1M", count: 12, timing: "end", begins: "P0D" },
        },
        { id: "goal", kind: "single", direction: "in", amount: null, at: "P1Y" },
      ],
    });
    const last = balanceOverTime(savings).at(-1);
    expect(last?.paid).toBeCloseTo(1200, 9);
    // 100 · ((1.005¹² − 1)/0.005 − 12)
    expect(last?.grown).toBeCloseTo(100 * ((1.005 ** 12 - 1) / 0.005 - 12), 9);
  });
});

describe("words and files", () => {
  test("a last payment that is another one is explained", () => {
    const money = (amount: number) => writeMoney(amount, USUAL_FORMAT);
    expect(roundingWords(threeYears, money)).toContain(money(threeYears.schedule.finalPayment));
    const exact = account(loanOf(9000, MONTHLY, { every: "P1M", count: 36 }), "none");
    expect(roundingWords(exact, money)).toBeNull();
  });

  test("what is lent opens the account, and dates stand in the file", () => {
    const { heads, rows } = scheduleFigures(threeYears, "2027-01-31");
    expect(heads.slice(0, 4)).toEqual(["Payment", "Date", "Years from today", "Opening balance"]);
    expect(rows[1]?.slice(0, 2)).toEqual([2, "2027-02-28"]);
    expect(rows[0]?.[3]).toBe(9000);
  });

  test.each([
    ["2027-01-31", "2027-01-31"],
    [" 2028-02-29 ", "2028-02-29"],
    ["2027-02-29", null],
    ["31.1.2027", "2027-01-31"],
    ["31 January 2027", "2027-01-31"],
    ["", null],
    ["31 Jan", null],
  ])("“%s” as a date is %s", (typed, wanted) => {
    expect(dateIn(typed, "day-first")).toBe(wanted);
  });

  test("payments for ever have no schedule, and a sentence says so", () => {
    const problem = problemOf(loanOf(9000, MONTHLY, { every: "P1M", count: "forever" }));
    const found = changedAccounts(problem, "repayments", "cent", [], USUAL_FORMAT);
    expect(found.ok ? "" : found.sentence).toMatch(/^[A-Z].*\.$/);
  });
});
