import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import type { AppraiseReply, ProblemDetails } from "@kestrelmoor/contract";
import request from "supertest";
import cases from "../../../core/reference/appraisals.json";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (body: unknown) =>
  request(served.app).post("/api/appraise").type("json").send(JSON.stringify(body));

const close = (found: number | null | undefined, exact: string | null): boolean => {
  if (exact === null || found === null) return found === exact;
  const error = Math.abs((found ?? NaN) - Number(exact));
  return error <= Math.max(1e-12 * Math.abs(Number(exact)), 1e-10);
};

test(`all ${cases.length} appraisals of the reference, every rate of return included`, async () => {
  for (const { id, amounts, every, hurdlePercent, reinvestPercent, expect: wanted } of cases) {
    const reply = await post({ amounts, every, hurdlePercent, reinvestPercent }).expect(200);
    const found = reply.body as AppraiseReply;
    expect([id, found.irrPercents.length]).toEqual([id, wanted.irrPercents.length]);
    found.irrPercents.forEach((percent, index) => {
      expect([id, close(percent, wanted.irrPercents[index] ?? null)]).toEqual([id, true]);
    });
    for (const measure of [
      "npv",
      "mirrPercent",
      "payback",
      "discountedPayback",
      "profitabilityIndex",
      "equivalentAnnual",
    ] as const) {
      expect([id, measure, close(found[measure], wanted[measure])]).toEqual([id, measure, true]);
    }
  }
});

test("dated flows, in whatever order", async () => {
  const reply = await post({
    entries: [
      { on: "2028-02-29", amount: 1100 },
      { on: "2027-03-01", amount: -1000 },
    ],
    hurdlePercent: 0,
  }).expect(200);
  expect((reply.body as AppraiseReply).irrPercents).toEqual([expect.closeTo(10, 9)]);
  expect((reply.body as AppraiseReply).npv).toBe(100);
});

describe("bad input is told by 422 and a code", () => {
  const project = { amounts: [-100, 120], every: "P1Y", hurdlePercent: 8 };
  test.each<[string, unknown, string]>([
    ["nothing", {}, "request-invalid"],
    ["no amounts", { ...project, amounts: [] }, "request-invalid"],
    ["text among the numbers", { ...project, amounts: [-100, "120"] }, "request-invalid"],
    ["5,001 amounts", { ...project, amounts: Array<number>(5001).fill(1) }, "request-invalid"],
    [
      "a day that is not in the calendar",
      { entries: [{ on: "2027-02-29", amount: 1 }], hurdlePercent: 8 },
      "request-invalid",
    ],
    ["a hurdle rate of −100 %", { ...project, hurdlePercent: -100 }, "rate-too-low"],
    ["an interval of nothing", { ...project, every: "P0D" }, "request-invalid"],
    [
      "thousands of changes of direction",
      {
        ...project,
        amounts: Array.from({ length: 5000 }, (_, index) => (-1) ** index * (index + 1)),
      },
      "rate-search-too-large",
    ],
  ])("%s", async (_, body, code) => {
    const reply = await post(body).expect(422);
    expect((reply.body as ProblemDetails).code).toBe(code);
    expect((reply.body as ProblemDetails).issues?.length).toBeGreaterThan(0);
  });
});
