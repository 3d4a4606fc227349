import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import cases from "../../../reference/schedules.json";
import { effective, problemOf, single, stream } from "../../../test/problems";
import { balanceAfter } from "./balance-after";
import { schedule } from "./schedule";
import type { Schedule, ScheduleOptions } from "./schedule-types";
import { spanTotals } from "./span-totals";

function scheduled(parts: object, options: Partial<ScheduleOptions> = {}): Schedule {
  const result = schedule(problemOf(parts), { flow: "repayments", rounding: "cent", ...options });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}

const loan = (
  amount: number,
  rates: readonly object[],
  parts: object,
  payment: number | null = null,
) => ({
  rates,
  flows: [single("loan", "in", amount, "P0D"), stream("repayments", "out", payment, parts)],
});

describe.each(cases)("$id of the reference, in cents", (wanted) => {
  const { loan: amount, rate, every, count, extra } = wanted;
  const found = scheduled(
    loan(amount, [rate], { every, count }),
    extra === undefined ? {} : { extra: [extra] },
  );

  test("has the payment, the number of payments, the total and the last payment to the cent", () => {
    const { payment, paymentsMade, totalInterest, finalPayment, exactPayment } = wanted.expect;
    expect(found.payment.toFixed(2)).toBe(payment);
    expect(found.paymentsMade).toBe(paymentsMade);
    expect(found.totalInterest.toFixed(2)).toBe(totalInterest);
    expect(found.finalPayment.toFixed(2)).toBe(finalPayment);
    expect(Math.abs(found.exactPayment / Number(exactPayment) - 1)).toBeLessThan(1e-12);
  });

  test.each(wanted.expect.rows)("row $payment", (row) => {
    const own = found.rows[row.payment - 1];
    const shown = [own?.paid, own?.interest, own?.principal, own?.balance];
    expect(shown.map((figure) => figure?.toFixed(2))).toEqual([
      row.paid,
      row.interest,
      row.principal,
      row.balance,
    ]);
  });
});

const anyLoan = fc.record({
  amount: fc.integer({ min: 1_000, max: 90_000_000 }).map((cents) => cents / 100),
  percent: fc.integer({ min: -200, max: 3000 }).map((points) => points / 100),
  second: fc.integer({ min: 0, max: 3000 }).map((points) => points / 100),
  every: fc.constantFrom("P1M", "P1W", "P3M", "P1Y"),
  count: fc.integer({ min: 1, max: 120 }),
  timing: fc.constantFrom("end", "start"),
  residual: fc.constantFrom(0, 0.2),
  rounding: fc.constantFrom("cent" as const, "none" as const),
});

const partsOf = ({
  amount,
  percent,
  second,
  every,
  count,
  timing,
  residual,
}: Parameters<Parameters<typeof anyLoan.map>[0]>[0]) => ({
  rates: [effective(percent), effective(second, "P2Y")],
  flows: [
    single("loan", "in", amount, "P0D"),
    stream("repayments", "out", null, { every, count, timing }),
    single("residual", "out", { times: residual, of: "loan" }, { endOf: "repayments" }),
  ],
});

describe("any loan", () => {
  test("adds up: what is paid is interest and principal, and every balance follows from the one before", () => {
    fc.assert(
      fc.property(anyLoan, (any) => {
        const { rows, totalInterest } = scheduled(partsOf(any), { rounding: any.rounding });
        // Over a century of high interest half a cent grows to more than the loan ever was.
        const size = rows.reduce((sum, row) => sum + Math.abs(row.balance), any.amount);
        const close = (one: number, other: number) =>
          expect(Math.abs(one - other)).toBeLessThan(1e-9 * size);
        rows.forEach((row, index) => {
          close(row.paid, row.interest + row.principal);
          close(row.balance, row.opening + row.other + row.interest - row.paid);
          if (index > 0) expect(row.opening).toBe(rows[index - 1]?.balance);
        });
        close(spanTotals({ rows } as Schedule, 1, rows.length).interest, totalInterest);
      }),
    );
  });

  test("ends with what its residual is worth", () => {
    fc.assert(
      fc.property(anyLoan, (any) => {
        // A residual is due at the end of the last period; in advance that is one period after the last payment.
        fc.pre(any.timing === "end");
        const { rows } = scheduled(partsOf(any), { rounding: any.rounding });
        // A payment rounded up may clear a loan before its time, and its residual with it.
        fc.pre(rows.length === any.count);
        const residual = any.residual * any.amount;
        expect(Math.abs((rows.at(-1)?.balance ?? NaN) - residual)).toBeLessThan(
          any.rounding === "cent" ? 0.01 : 1e-6 * any.amount,
        );
      }),
    );
  });

  test("has the balances that the closed form tells, looking back and looking forward", () => {
    fc.assert(
      fc.property(anyLoan, fc.integer({ min: 1, max: 120 }), (any, payment) => {
        // Over a century of high interest an account run forwards loses what a double has.
        fc.pre(payment < any.count && (any.every !== "P1Y" || any.count < 50));
        const problem = problemOf(partsOf(any));
        const row = scheduled(partsOf(any), { rounding: "none" }).rows[payment - 1];
        const both = balanceAfter(problem, "repayments", payment);
        if (!both.ok) throw new Error(JSON.stringify(both.issues));
        const { lookingBack, lookingForward } = both.value;
        const size = 1e-8 * any.amount;
        expect(Math.abs(lookingBack - (row?.balance ?? NaN))).toBeLessThan(size);
        expect(Math.abs(lookingForward - (row?.balance ?? NaN))).toBeLessThan(size);
      }),
    );
  });

  test("splits into spans whose totals are the whole", () => {
    fc.assert(
      fc.property(anyLoan, fc.nat(130), fc.nat(130), (any, one, other) => {
        const found = scheduled(partsOf(any), { rounding: any.rounding });
        const [first, second] = [Math.min(one, other), Math.max(one, other)];
        const spans = [
          spanTotals(found, 1, first),
          spanTotals(found, first + 1, second),
          spanTotals(found, second + 1, found.rows.length),
        ];
        const interest = spans.reduce((sum, span) => sum + span.interest, 0);
        const size = spans.reduce((sum, span) => sum + Math.abs(span.interest), 1);
        expect(Math.abs(interest - found.totalInterest)).toBeLessThan(1e-9 * size);
      }),
    );
  });
});

describe("what is changed about a loan", () => {
  const monthly = loan(1000, [effective(0)], { every: "P1M", count: 10 });

  test("extra payments clear it sooner, and the last one is what is left", () => {
    const found = scheduled(monthly, {
      extra: [
        { fromPayment: 3, amount: 30 },
        { fromPayment: 4, toPayment: 4, amount: 100 },
      ],
    });
    expect(found.rows.map(({ paid }) => paid)).toEqual([100, 100, 130, 230, 130, 130, 130, 50]);
    expect(found.rows.map(({ extra }) => extra)).toEqual([0, 0, 30, 130, 30, 30, 30, 0]);
    expect([found.paymentsMade, found.finalPayment]).toEqual([8, 50]);
  });

  test("money drawn later joins the balance in its own period, and earns from its own date", () => {
    const { rows } = scheduled(
      {
        rates: [effective(21)],
        flows: [
          single("loan", "in", 1000, "P0D"),
          single("drawn", "in", 500, "P1Y6M"),
          stream("repayments", "out", null, { count: 3 }),
        ],
      },
      { rounding: "none" },
    );
    expect(rows[1]?.other).toBe(500);
    const second = (rows[0]?.balance ?? NaN) * 0.21 + 500 * 0.1;
    expect(rows[1]?.interest).toBeCloseTo(second, 9);
    expect(rows[2]?.balance).toBeCloseTo(0, 9);
  });
});

describe("other stories", () => {
  test("savings grow to their goal", () => {
    const found = scheduled({
      rates: [effective(10)],
      flows: [
        stream("repayments", "out", 100, { count: 3 }),
        single("goal", "in", null, { endOf: "repayments" }),
      ],
    });
    expect(found.kind).toBe("saving");
    expect(found.rows.map(({ balance }) => balance)).toEqual([100, 210, 331]);
    expect(found.rows.map(({ interest }) => interest)).toEqual([0, 10, 21]);
  });

  test("a fund is drawn down to nothing", () => {
    const found = scheduled({
      rates: [effective(10)],
      flows: [single("fund", "out", 1000, "P0D"), stream("repayments", "in", null, { count: 3 })],
    });
    expect(found.kind).toBe("repaying");
    expect(found.rows.at(-1)?.balance).toBe(0);
  });

  test("an unknown count ends with the smaller last payment", () => {
    const found = scheduled({
      rates: [effective(0)],
      flows: [single("loan", "in", 1000, "P0D"), stream("repayments", "out", 300, { count: null })],
    });
    expect(found.rows.map(({ paid }) => paid)).toEqual([300, 300, 300, 100]);
  });

  test("half a cent is half a cent: interest of 61.725 is 61.73", () => {
    const parts = loan(12_345, [{ percent: 6, quoted: "nominal", compounding: "P1M" }], {
      every: "P1M",
      count: 360,
    });
    expect(scheduled(parts).rows[0]?.interest).toBe(61.73);
  });

  test.each([
    ["schedule-without-stream", { flow: "loan" }, {}],
    ["schedule-without-stream", { flow: "nobody" }, {}],
    ["schedule-endless", {}, { count: "forever" }],
    ["schedule-too-long", {}, { count: 1e6, every: "P1D" }],
  ])("%s", (code, options, parts) => {
    const result = schedule(problemOf(loan(1000, [effective(5)], parts)), {
      flow: "repayments",
      rounding: "cent",
      ...options,
    });
    expect(result.ok ? null : result.issues[0]?.code).toBe(code);
  });

  test("what cannot be solved has no schedule, for the same reason", () => {
    const problem = problemOf(loan(1000, [effective(5)], { count: null }, 40));
    const result = schedule(problem, { flow: "repayments", rounding: "cent" });
    expect(result.ok ? null : result.issues[0]?.code).toBe("payment-below-interest");
  });
});
