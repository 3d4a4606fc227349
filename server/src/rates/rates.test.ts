import { afterAll, beforeAll, expect, test } from "@jest/globals";
import type { ConvertReply, ProblemDetails } from "@kestrelmoor/contract";
import request from "supertest";
import cases from "../../../core/reference/rates.json";
import simpleAndDates from "../../../core/reference/simple-and-dates.json";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (body: unknown) =>
  request(served.app).post("/api/rates/convert").type("json").send(JSON.stringify(body));

test(`all ${cases.length} conversions of the reference within a relative 1e-12`, async () => {
  for (const { from, to, expect: wanted } of cases) {
    const reply = await post({ from, to }).expect(200);
    const { percent } = reply.body as ConvertReply;
    const error = Math.abs(percent - Number(wanted.percent));
    expect(error).toBeLessThanOrEqual(1e-12 * Math.abs(Number(wanted.percent)));
  }
});

test("simple interest and discount, to and fro, over a year and over another time", async () => {
  for (const { from, to, expect: wanted } of simpleAndDates) {
    if (from === undefined || Array.isArray(wanted)) continue;
    const { percent } = (await post({ from, to }).expect(200)).body as ConvertReply;
    expect(Math.abs(percent / Number(wanted.value) - 1)).toBeLessThan(1e-12);
  }
  const simple = { percent: 8, quoted: "simple" };
  const quarter = { from: simple, to: { quoted: "bank-discount" }, years: 0.25 };
  const { percent } = (await post(quarter).expect(200)).body as ConvertReply;
  expect(percent).toBeCloseTo(8 / 1.02, 12);
  const back = {
    from: { percent, quoted: "bank-discount" },
    to: { quoted: "simple" },
    years: 0.25,
  };
  expect(((await post(back).expect(200)).body as ConvertReply).percent).toBeCloseTo(8, 12);
});

test.each<[string, object, object, string]>([
  [
    "a discount of all there is",
    { percent: 100, quoted: "effective-discount" },
    { quoted: "effective" },
    "discount-too-high",
  ],
  [
    "a bank discount of more than that",
    { percent: 120, quoted: "bank-discount" },
    { quoted: "effective" },
    "discount-too-high",
  ],
  [
    "−100 % a year",
    { percent: -100, quoted: "effective" },
    { quoted: "continuous" },
    "rate-too-low",
  ],
  ["no compounding", { percent: 5, quoted: "nominal" }, { quoted: "effective" }, "request-invalid"],
  [
    "an unknown quotation",
    { percent: 5, quoted: "flat" },
    { quoted: "effective" },
    "request-invalid",
  ],
  [
    "a figure in quotation marks",
    { percent: "5", quoted: "effective" },
    { quoted: "continuous" },
    "request-invalid",
  ],
  [
    "more than a double holds",
    { percent: 1e6, quoted: "continuous" },
    { quoted: "effective" },
    "answer-too-large",
  ],
])("%s is told by its code", async (_, from, to, code) => {
  const reply = await post({ from, to }).expect(422);
  expect((reply.body as ProblemDetails).code).toBe(code);
});
