import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, problemOf, single, stream } from "../../../../test/problems";
import type { Result } from "../../result";
import { effectiveYearlyPercent } from "../effective-yearly";
import { runSchedule, type ScheduleRun } from "../schedule";
import type { LoanChange } from "./change";

const monthly = (percent: number) => ({ percent, quoted: "nominal", compounding: "P1M" });

interface Loan {
  readonly amount: number;
  readonly percent: number;
  readonly count: number;
  readonly every?: string;
  readonly payment?: number;
}

/** Yearly payments and an effective rate, unless it says otherwise. */
function changed(
  { amount, percent, count, every = "P1Y", payment }: Loan,
  changes: readonly LoanChange[],
  rounding: "none" | "cent" = "none",
): Result<ScheduleRun> {
  const problem = problemOf({
    rates: [every === "P1M" ? monthly(percent) : effective(payment === undefined ? percent : null)],
    flows: [
      single("loan", "in", amount, "P0D"),
      stream("repayments", "out", payment ?? null, { every, count }),
    ],
  });
  return runSchedule(problem, { flow: "repayments", rounding, changes });
}

function made(...parts: Parameters<typeof changed>): ScheduleRun {
  const result = changed(...parts);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}

const paidBy = (...parts: Parameters<typeof changed>) =>
  made(...parts).schedule.rows.map(({ paid }) => Number(paid.toFixed(4)));

const TEN_OF_100 = { amount: 1000, percent: 0, count: 10 };
/** 1,000 over five years at 10%: 263.7975 a year. */
const FIVE_AT_10 = { amount: 1000, percent: 10, count: 5 };

/** What can be told by heart, or by a textbook's annuity factor. */
describe("a loan with one change", () => {
  test.each<[string, Loan, LoanChange, number[]]>([
    [
      "once something extra",
      TEN_OF_100,
      { kind: "extra", often: "once", amount: 150, fromPayment: 2 },
      [100, 250, 100, 100, 100, 100, 100, 100, 50],
    ],
    [
      "something extra with every payment from one on, up to another",
      TEN_OF_100,
      { kind: "extra", often: "payment", amount: 60, fromPayment: 2, toPayment: 4 },
      [100, 160, 160, 160, 100, 100, 100, 100, 20],
    ],
    [
      "something extra with one payment of every year",
      { ...TEN_OF_100, every: "P1M", count: 40 },
      { kind: "extra", often: "year", amount: 100, fromPayment: 6 },
      [...Array<number>(5).fill(25), 125, ...Array<number>(11).fill(25), 125].concat(
        Array<number>(11).fill(25),
        75,
      ),
    ],
    [
      "payments rounded up",
      { ...TEN_OF_100, count: 9 },
      { kind: "round-up", multiple: 20 },
      [120, 120, 120, 120, 120, 120, 120, 120, 40],
    ],
    [
      "interest only, then reset: 1,000 over three years at 10%",
      FIVE_AT_10,
      { kind: "interest-only", fromPayment: 1, toPayment: 2, then: "reset" },
      [100, 100, 402.1148, 402.1148, 402.1148],
    ],
    [
      "interest only, then kept: the five payments come later",
      FIVE_AT_10,
      { kind: "interest-only", fromPayment: 1, toPayment: 2, then: "kept" },
      [100, 100, 263.7975, 263.7975, 263.7975, 263.7975, 263.7975],
    ],
    [
      "a holiday, then reset: 1,100 over four years at 10%",
      FIVE_AT_10,
      { kind: "holiday", fromPayment: 1, toPayment: 1, then: "reset" },
      [0, 347.0179, 347.0179, 347.0179, 347.0179],
    ],
    [
      "a holiday without interest, then kept",
      { ...TEN_OF_100, count: 4 },
      { kind: "holiday", fromPayment: 2, toPayment: 3, then: "kept" },
      [250, 0, 0, 250, 250, 250],
    ],
    [
      "another rate, then reset: what is owed after two years over three years at 12%",
      FIVE_AT_10,
      {
        kind: "rate",
        fromPayment: 3,
        percent: 12,
        quotation: { quoted: "effective" },
        then: "reset",
      },
      // 656.0253 owed; over three years at 12% its annuity factor is 2.401831.
      [263.7975, 263.7975, 273.1355, 273.1355, 273.1355],
    ],
    [
      "no interest any more, then kept: it ends sooner",
      FIVE_AT_10,
      {
        kind: "rate",
        fromPayment: 3,
        percent: 0,
        quotation: { quoted: "effective" },
        then: "kept",
      },
      [263.7975, 263.7975, 263.7975, 263.7975, 128.4303],
    ],
    [
      "a fee that is added to what is owed",
      TEN_OF_100,
      { kind: "fee", amount: 50, isAdded: true },
      Array<number>(10).fill(105),
    ],
    [
      "a fee that is paid at once",
      TEN_OF_100,
      { kind: "fee", amount: 50, isAdded: false },
      Array<number>(10).fill(100),
    ],
    ["a residual", TEN_OF_100, { kind: "residual", amount: 400 }, Array<number>(10).fill(60)],
  ])("%s", (_, loan, change, paid) => {
    expect(paidBy(loan, [change])).toEqual(paid);
  });

  test("leaves its residual, and says what each payment became", () => {
    const { schedule } = made(FIVE_AT_10, [
      { kind: "residual", amount: 400 },
      { kind: "interest-only", fromPayment: 2, toPayment: 2, then: "reset" },
    ]);
    expect(schedule.rows.at(-1)?.balance).toBeCloseTo(400, 9);
    expect(schedule.levels.map(({ fromPayment }) => fromPayment)).toEqual([1, 3]);
    // (1,000 − 400·1.1⁻⁵) over the annuity factor 3.790787.
    expect(schedule.levels[0]?.amount).toBeCloseTo(198.2785, 4);
  });

  test("in cents: payments and interest are whole, and the last one clears it", () => {
    const rate: LoanChange = {
      kind: "rate",
      fromPayment: 13,
      percent: 7.3,
      quotation: { quoted: "nominal", compounding: "P1M" },
      then: "reset",
    };
    const { rows } = made(
      { amount: 12_345, percent: 5, count: 36, every: "P1M" },
      [rate],
      "cent",
    ).schedule;
    expect(rows).toHaveLength(36);
    expect(rows.at(-1)?.balance).toBe(0);
    for (const { paid, interest } of rows) {
      expect(Math.abs(paid * 100 - Math.round(paid * 100))).toBeLessThan(1e-6);
      expect(Math.abs(interest * 100 - Math.round(interest * 100))).toBeLessThan(1e-6);
    }
    expect(new Set(rows.slice(12, 35).map(({ paid }) => paid)).size).toBe(1);
  });

  test("an extra payment that overpays is only what is left", () => {
    const { rows, totalExtra } = made(TEN_OF_100, [
      { kind: "extra", often: "once", amount: 5000, fromPayment: 3 },
    ]).schedule;
    expect(rows.map(({ paid }) => paid)).toEqual([100, 100, 800]);
    expect(totalExtra).toBe(700);
  });

  test("extra payments beyond what a residual leaves let less be left", () => {
    const { rows } = made(TEN_OF_100, [
      { kind: "residual", amount: 400 },
      { kind: "extra", often: "once", amount: 450, fromPayment: 1 },
    ]).schedule;
    expect(rows.map(({ paid }) => paid)).toEqual([510, 60, 60, 60, 60, 60, 60, 60, 60, 10]);
  });

  test("extra payments beside a residual are all made, and leave so much less", () => {
    const { rows } = made(TEN_OF_100, [
      { kind: "residual", amount: 400 },
      { kind: "extra", often: "payment", amount: 10, fromPayment: 1 },
    ]).schedule;
    expect(rows.map(({ paid }) => paid)).toEqual(Array<number>(10).fill(70));
    expect(rows.at(-1)?.balance).toBe(300);
  });

  test("a residual of the problem that becomes smaller ends the loan", () => {
    const problem = problemOf({
      rates: [effective(10)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("repayments", "out", null, { count: 3 }),
        single("residual", "out", 331, { endOf: "repayments" }),
      ],
    });
    const run = (changes: readonly LoanChange[]) => {
      const result = runSchedule(problem, { flow: "repayments", rounding: "none", changes });
      if (!result.ok) throw new Error(JSON.stringify(result.issues));
      return { ...result.value.schedule, cost: effectiveYearlyPercent(result.value) };
    };
    // Payments of 302.1148; after the first 797.8852 are owed, and from then on without interest.
    const without: LoanChange = {
      ...{ kind: "rate", fromPayment: 2, percent: 0, then: "kept" },
      quotation: { quoted: "effective" },
    };
    const kept = run([without]);
    expect(kept.rows).toHaveLength(3);
    expect(kept.rows.at(-1)?.balance).toBeCloseTo(797.8852 - 2 * 302.1148, 3);
    expect(kept.cost).toBeLessThan(10);
    const early = run([{ kind: "extra", often: "once", amount: 300, fromPayment: 1 }]);
    expect(early.rows.at(-1)?.balance).toBeLessThan(331);
    expect(early.cost).toBeCloseTo(10, 9);
  });

  test("a negative rate and a loan of one payment", () => {
    expect(
      paidBy({ amount: 1000, percent: -1, count: 2, every: "P1M" }, [
        { kind: "interest-only", fromPayment: 1, toPayment: 1, then: "reset" },
      ])[0],
    ).toBe(0);
    expect(
      paidBy({ amount: 1000, percent: 10, count: 1 }, [
        { kind: "holiday", fromPayment: 1, toPayment: 1, then: "kept" },
      ]),
    ).toEqual([0, 1100, 121]);
  });
});

test("savings: a deposit left out is made up for, or missing at the end", () => {
  const problem = problemOf({
    rates: [effective(0)],
    flows: [
      stream("deposits", "out", 100, { count: 10 }),
      single("goal", "in", null, { endOf: "deposits" }),
    ],
  });
  const savings = (changes: readonly LoanChange[]) => {
    const result = runSchedule(problem, { flow: "deposits", rounding: "none", changes });
    return result.ok ? result.value.schedule : null;
  };
  const holiday = { kind: "holiday", fromPayment: 4, toPayment: 5 } as const;
  const kept = savings([{ ...holiday, then: "kept" }]);
  expect([kept?.rows.length, kept?.rows.at(-1)?.balance]).toEqual([10, 800]);
  const reset = savings([{ ...holiday, then: "reset" }]);
  expect([reset?.rows.at(-1)?.paid, reset?.rows.at(-1)?.balance]).toEqual([140, 1000]);
  const extra = savings([{ kind: "extra", often: "year", amount: 30, fromPayment: 2 }]);
  expect(extra?.rows.at(-1)?.balance).toBe(1000 + 9 * 30);
});

describe("the effective yearly cost", () => {
  test.each<[string, LoanChange[], number]>([
    [
      "of a loan without changes is its rate",
      [{ kind: "extra", often: "once", amount: 0, fromPayment: 1 }],
      10,
    ],
    // 1,000 − 100 received, five times 263.7975 paid: the annuity factor 3.411706 belongs to 14.2987%.
    ["with a fee", [{ kind: "fee", amount: 100, isAdded: false }], 14.2987],
    ["with a fee that is added", [{ kind: "fee", amount: 100, isAdded: true }], 14.1222],
    [
      "with extra payments stays the rate",
      [{ kind: "extra", often: "payment", amount: 50, fromPayment: 1 }],
      10,
    ],
    ["with a residual stays the rate", [{ kind: "residual", amount: 300 }], 10],
  ])("%s", (_, changes, percent) => {
    const cost = effectiveYearlyPercent(made(FIVE_AT_10, changes));
    if (changes[0]?.kind !== "fee") expect(cost).toBeCloseTo(percent, 9);
    else expect(Math.abs(worthAt(cost ?? 0, changes[0].isAdded))).toBeLessThan(1e-9);
    expect(Math.abs((cost ?? 0) - percent)).toBeLessThan(0.5);
  });

  /** What all money of the loan with a fee of 100 is worth at a rate: nothing at the right one. */
  function worthAt(percent: number, isAdded: boolean): number {
    const payment =
      (isAdded ? 1100 : 1000) / [1, 2, 3, 4, 5].reduce((sum, k) => sum + 1.1 ** -k, 0);
    const received = isAdded ? 1000 : 900;
    return [1, 2, 3, 4, 5].reduce(
      (worth, k) => worth - payment * (1 + percent / 100) ** -k,
      received,
    );
  }

  test("of a fee as large as the loan there is none", () => {
    expect(
      effectiveYearlyPercent(made(FIVE_AT_10, [{ kind: "fee", amount: 1000, isAdded: false }])),
    ).toBeNull();
  });
});

describe("changes that do not fit are told by a code and their place", () => {
  const pause = (kind: "holiday" | "interest-only", fromPayment: number, toPayment: number) =>
    ({ kind, fromPayment, toPayment, then: "reset" }) as const;
  const rate = (fromPayment: number, percent: number, then: "kept" | "reset" = "reset") =>
    ({ kind: "rate", fromPayment, percent, quotation: { quoted: "effective" }, then }) as const;
  const extra = (fromPayment: number, toPayment?: number) =>
    ({ kind: "extra", often: "payment", amount: 5, fromPayment, toPayment }) as const;
  const residual = (amount: number) => ({ kind: "residual", amount }) as const;

  test.each<[string, LoanChange[], (string | number)[]]>([
    ["change-after-end", [pause("holiday", 6, 7)], ["changes", 0]],
    ["change-backwards", [extra(1), extra(3, 2)], ["changes", 1]],
    ["change-twice", [residual(1), residual(2)], ["changes", 1]],
    ["changes-overlap", [pause("holiday", 1, 3), pause("interest-only", 3, 4)], ["changes", 1]],
    ["rate-changed-twice", [rate(2, 5), rate(3, 5), rate(2, 6)], ["changes", 2]],
    ["rate-too-low", [rate(2, -100)], ["changes", 0]],
    [
      "extra-in-holiday",
      [{ kind: "extra", often: "once", amount: 5, fromPayment: 2 }, pause("holiday", 1, 3)],
      ["changes", 1],
    ],
    ["changed-never-ends", [rate(2, 60, "kept")], []],
    ["residual-too-large", [residual(1611)], ["changes", 0]],
  ])("%s", (code, changes, path) => {
    const result = changed(FIVE_AT_10, changes);
    expect(result.ok ? null : result.issues.map((own) => [own.code, own.path])).toEqual([
      [code, path],
    ]);
  });

  test("savings have no residual", () => {
    const problem = problemOf({
      rates: [effective(5)],
      flows: [
        stream("deposits", "out", 100, { count: 10 }),
        single("goal", "in", null, { endOf: "deposits" }),
      ],
    });
    const result = runSchedule(problem, {
      flow: "deposits",
      rounding: "none",
      changes: [residual(5)],
    });
    expect(result.ok ? null : result.issues[0]?.code).toBe("change-for-loans");
  });
});

/** The plain way: month by month, with the schoolbook formula for every level payment. */
function naive(
  loan: Required<Omit<Loan, "payment" | "every">>,
  changes: readonly LoanChange[],
): number[] {
  let rate = loan.percent / 1200;
  let balance = loan.amount;
  const level = (months: number) =>
    rate === 0 ? balance / months : (balance * rate) / (1 - (1 + rate) ** -months);
  let payment = level(loan.count);
  const paid: number[] = [];
  for (let month = 1; balance > 1e-7 && month < 3000; month += 1) {
    const pauses = changes.filter(
      (change) => change.kind === "holiday" || change.kind === "interest-only",
    );
    for (const change of changes) {
      if (change.kind === "rate" && change.fromPayment === month) rate = change.percent / 1200;
    }
    const isReset =
      pauses.some((own) => own.toPayment + 1 === month && own.then === "reset") ||
      changes.some(
        (own) => own.kind === "rate" && own.fromPayment === month && own.then === "reset",
      );
    if (isReset && month <= loan.count) payment = level(loan.count - month + 1);
    const interest = balance * rate;
    const pause = pauses.find((own) => month >= own.fromPayment && month <= own.toPayment);
    const extra = changes.reduce((sum, own) => {
      if (own.kind !== "extra" || month < own.fromPayment) return sum;
      const isDue =
        own.often === "payment" ||
        month === own.fromPayment ||
        (own.often === "year" && (month - own.fromPayment) % 12 === 0);
      return isDue ? sum + own.amount : sum;
    }, 0);
    const asked =
      pause === undefined ? payment + extra : pause.kind === "holiday" ? 0 : interest + extra;
    // Where no payment is left to be reset, all of it comes with the last.
    const isAll = month === loan.count && pause?.then === "reset";
    const amount = isAll ? balance + interest : Math.min(asked, balance + interest);
    paid.push(amount);
    balance += interest - amount;
  }
  return paid;
}

test("any changes, as the plain way has them month by month", () => {
  const month = fc.integer({ min: 1, max: 40 });
  const then = fc.constantFrom<"kept" | "reset">("kept", "reset");
  const change: fc.Arbitrary<LoanChange> = fc.oneof(
    fc.record({
      kind: fc.constant("extra" as const),
      amount: fc.integer({ min: 1, max: 300 }),
      often: fc.constantFrom("once" as const, "payment" as const, "year" as const),
      fromPayment: month,
    }),
    fc
      .record({
        kind: fc.constantFrom("holiday" as const, "interest-only" as const),
        from: month,
        lasts: fc.nat(5),
        then,
      })
      .map(({ from, lasts, ...rest }) => ({ ...rest, fromPayment: from, toPayment: from + lasts })),
    fc.record({
      kind: fc.constant("rate" as const),
      fromPayment: month,
      percent: fc.integer({ min: 0, max: 24 }),
      quotation: fc.constant({ quoted: "nominal" as const, compounding: "P1M" }),
      then,
    }),
  );
  let compared = 0;
  fc.assert(
    fc.property(
      fc.integer({ min: 1000, max: 50_000 }),
      fc.integer({ min: 0, max: 18 }),
      fc.integer({ min: 41, max: 90 }),
      fc.array(change, { minLength: 1, maxLength: 4 }),
      (amount, percent, count, changes) => {
        const result = changed({ amount, percent, count, every: "P1M" }, changes);
        if (!result.ok) return;
        const { rows } = result.value.schedule;
        for (const row of rows) {
          expect(Math.abs(row.paid - row.interest - row.principal)).toBeLessThan(1e-9 * amount);
          const balance = row.opening + row.other + row.interest - row.paid;
          expect(Math.abs(row.balance - balance)).toBeLessThan(1e-9 * amount);
        }
        const own = rows.map(({ paid }) => paid);
        const wanted = naive({ amount, percent, count }, changes);
        // A balance of nothing but rounding may make a payment of nothing.
        const close = (one = 0, other = 0) =>
          expect(Math.abs(one - other)).toBeLessThan(1e-6 * amount);
        for (let place = 0; place < Math.max(own.length, wanted.length); place += 1) {
          close(own[place], wanted[place]);
        }
        compared += 1;
      },
    ),
    { numRuns: 300 },
  );
  expect(compared).toBeGreaterThan(100);
});
