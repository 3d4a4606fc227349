import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import type { ProblemDetails, ScheduleReply } from "@kestrelmoor/contract";
import request from "supertest";
import cases from "../../../core/reference/schedules.json";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (body: unknown) =>
  request(served.app).post("/api/schedule").type("json").send(JSON.stringify(body));

const problem = (amount: number, rate: object, parts: object, payment: number | null = null) => ({
  format: "kestrelmoor-problem",
  version: 1,
  rates: [rate],
  flows: [
    { id: "loan", kind: "single", direction: "in", amount, at: "P0D" },
    {
      id: "repayments",
      kind: "stream",
      direction: "out",
      amount: payment,
      timing: "end",
      begins: "P0D",
      ...parts,
    },
  ],
});
const loan = problem(1000, { percent: 10, quoted: "effective" }, { every: "P1Y", count: 3 });

test(`all ${cases.length} schedules of the reference to the cent`, async () => {
  for (const { id, loan: amount, rate, every, count, extra, expect: wanted } of cases) {
    const reply = await post({
      problem: problem(amount, rate, { every, count }),
      flow: "repayments",
      rounding: "cent",
      ...(extra === undefined ? {} : { extra: [extra] }),
    }).expect(200);
    const found = reply.body as ScheduleReply;
    expect([
      id,
      found.payment.toFixed(2),
      found.paymentsMade,
      found.finalPayment.toFixed(2),
    ]).toEqual([id, wanted.payment, wanted.paymentsMade, wanted.finalPayment]);
    expect(found.totalInterest.toFixed(2)).toBe(wanted.totalInterest);
    for (const row of wanted.rows) {
      const own = found.rows[row.payment - 1];
      expect([id, row.payment, own?.interest.toFixed(2), own?.balance.toFixed(2)]).toEqual([
        id,
        row.payment,
        row.interest,
        row.balance,
      ]);
    }
  }
});

test("counts in cents unless it is asked for the textbook's way", async () => {
  const cents = (await post({ problem: loan, flow: "repayments" }).expect(200))
    .body as ScheduleReply;
  const plain = (await post({ problem: loan, flow: "repayments", rounding: "none" }).expect(200))
    .body as ScheduleReply;
  expect([cents.payment, cents.finalPayment]).toEqual([402.11, 402.13]);
  expect(plain.payment).toBeCloseTo(402.1148036, 7);
  expect(plain.rows.at(-1)?.balance).toBeCloseTo(0, 9);
});

test("changes are run through, and say what the loan costs with them", async () => {
  const changes = [
    { kind: "interest-only", fromPayment: 1, toPayment: 1, then: "reset" },
    { kind: "fee", amount: 50, isAdded: false },
  ];
  const found = (
    await post({ problem: loan, flow: "repayments", rounding: "none", changes }).expect(200)
  ).body as ScheduleReply;
  // 1,000 over two years at 10%.
  expect(found.rows.map(({ paid }) => paid.toFixed(4))).toEqual([
    "100.0000",
    "576.1905",
    "576.1905",
  ]);
  const cost = 1 + (found.effectiveYearlyPercent ?? NaN) / 100;
  expect(950 - 100 / cost - 576.1904762 / cost ** 2 - 576.1904762 / cost ** 3).toBeCloseTo(0, 4);
});

test("changes that contradict each other are refused where they stand", async () => {
  const pause = { fromPayment: 1, toPayment: 2, then: "kept" };
  const changes = [
    { kind: "holiday", ...pause },
    { kind: "interest-only", ...pause },
  ];
  const reply = await post({ problem: loan, flow: "repayments", changes }).expect(422);
  const details = reply.body as ProblemDetails;
  expect([details.code, details.issues?.[0]?.path]).toEqual(["changes-overlap", ["changes", 1]]);
});

describe("what has no schedule is told by 422 and a code", () => {
  test.each<[string, unknown, string]>([
    ["nothing", {}, "request-invalid"],
    ["null", null, "request-invalid"],
    ["a list", [1], "request-invalid"],
    ["no problem", { flow: "repayments" }, "problem-invalid"],
    [
      "a broken problem",
      { problem: { ...loan, flows: [] }, flow: "repayments" },
      "problem-invalid",
    ],
    ["a flow of another kind", { problem: loan, flow: "loan" }, "schedule-without-stream"],
    [
      "an unknown rounding",
      { problem: loan, flow: "repayments", rounding: "up" },
      "request-invalid",
    ],
    [
      "a payment before the first",
      { problem: loan, flow: "repayments", extra: [{ fromPayment: 0, amount: 5 }] },
      "request-invalid",
    ],
    [
      "more rows than one reply has",
      {
        problem: problem(1e6, { percent: 5, quoted: "effective" }, { every: "P1D", count: 20_001 }),
        flow: "repayments",
      },
      "schedule-too-long",
    ],
    [
      "a payment below the interest",
      {
        problem: problem(
          1000,
          { percent: 10, quoted: "effective" },
          { every: "P1Y", count: null },
          90,
        ),
        flow: "repayments",
      },
      "payment-below-interest",
    ],
  ])("%s", async (_, body, code) => {
    const reply = await post(body)
      .expect(422)
      .expect("Content-Type", /problem\+json/);
    const details = reply.body as ProblemDetails;
    expect(details.code).toBe(code);
    expect(details.detail).toMatch(/[.]$/);
  });

  test("with paths from the root of the body", async () => {
    const reply = await post({ problem: { ...loan, rates: [] }, flow: "repayments" });
    expect((reply.body as ProblemDetails).issues?.[0]?.path).toEqual(["problem", "rates"]);
  });
});
