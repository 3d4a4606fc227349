import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import type { MarkReply, ProblemDetails } from "@kestrelmoor/contract";
import request from "supertest";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (body: unknown) =>
  request(served.app).post("/api/mark").type("json").send(JSON.stringify(body));

const problem = {
  format: "kestrelmoor-problem",
  version: 1,
  rates: [{ percent: 7.2, quoted: "nominal", compounding: "P1M" }],
  flows: [
    { id: "loan", kind: "single", direction: "in", amount: 24350, at: "P0D" },
    {
      id: "pay",
      kind: "stream",
      direction: "out",
      amount: null,
      every: "P1M",
      count: 60,
      timing: "end",
      begins: "P0D",
    },
  ],
};

// By plain sums of 1.006⁻ᵏ: 484.46, and 481.57 where each payment comes a month earlier.
test.each<[string, string, readonly (readonly string[])[]]>([
  ["484.46", "right", []],
  ["481.57", "explained", [["start-end-swapped"]]],
  ["513.37", "unexplained", []],
])("%s is %s", async (claimed, verdict, codes) => {
  const reply = (await post({ problem, claimed }).expect(200)).body as MarkReply;
  expect(reply.verdict).toBe(verdict);
  expect(reply.explanations.slice(0, 1).map((one) => one.codes)).toEqual(codes);
  expect(reply.sentence).toMatch(/^[A-Z].*\.$/);
});

test.each<[string, unknown, string]>([
  ["no number", { problem, claimed: "about forty" }, "claim-not-understood"],
  ["nothing", { problem, claimed: "" }, "claim-missing"],
  ["no claim", { problem }, "request-invalid"],
  ["no problem", { claimed: "5" }, "problem-invalid"],
  ["a number in the place of a text", { problem, claimed: 5 }, "request-invalid"],
  [
    "a problem without an unknown",
    { problem: { ...problem, flows: [problem.flows[0]] }, claimed: "5" },
    "unknown-missing",
  ],
])("%s is told by its code", async (_, body, code) => {
  const reply = await post(body).expect(422);
  expect((reply.body as ProblemDetails).code).toBe(code);
});

test("any figure of a schedule is marked, asked by the problem or not", async () => {
  // By hand: 484.46 × 1.006⁻ᵏ summed over the 31 payments after the 29th, times 0.006.
  const asked = { find: "interest", from: "P29M", to: "P30M" };
  const reply = (await post({ problem, claimed: "82.00", asked }).expect(200)).body as MarkReply;
  const payment = (24350 * 0.006) / (1 - 1.006 ** -60);
  const balance = (payment * (1 - 1.006 ** -31)) / 0.006;
  expect(balance * 0.006).toBeCloseTo(82, 2);
  expect(reply.verdict).toBe("right");
});

test("values on the way are placed, the first wrong one, and what follows from it", async () => {
  const factor = (rate: number) => (1 - (1 + rate) ** -60) / rate;
  const values = `0.0061; ${factor(0.0061).toFixed(6)}; 60; nothing`;
  const reply = (await post({ problem, claimed: "485.85", values }).expect(200)).body as MarkReply;
  expect(reply.values?.map(({ verdict, step }) => [verdict, step])).toEqual([
    ["wrong", 3],
    ["follows-through", 4],
    ["unexplained", null],
    ["unexplained", null],
  ]);
  for (const { sentence } of reply.values ?? []) expect(sentence).toMatch(/^[A-Z].*\.$/);
});

describe("a part of a question", () => {
  // 484.4601688… each month; after two years 15,924.59 is owed, and 8% from then on makes 499.01.
  const question = {
    format: "kestrelmoor-question",
    version: 1,
    parts: [
      { label: "a", problem: { ...problem, version: 2, also: [{ find: "balance", at: "P2Y" }] } },
      {
        label: "b",
        problem: {
          ...problem,
          version: 2,
          rates: [{ percent: 8, quoted: "nominal", compounding: "P1M" }],
          flows: [
            { ...problem.flows[0], amount: { answerOf: "a", also: 0 } },
            { ...problem.flows[1], count: 36 },
          ],
        },
      },
      {
        label: "c",
        problem: {
          ...problem,
          version: 2,
          flows: [
            { ...problem.flows[0], amount: null, direction: "in" },
            { ...problem.flows[1], amount: { answerOf: "a", times: 2 }, count: 12 },
          ],
        },
      },
    ],
  };
  const pay = (24_350 * 0.006) / (1 - 1.006 ** -60);
  const owed = (payment: number) => 24_350 * 1.006 ** 24 - (payment * (1.006 ** 24 - 1)) / 0.006;
  const renewed = (loan: number) => (loan * (0.08 / 12)) / (1 - (1 + 0.08 / 12) ** -36);
  const worth = (payment: number) => (payment * (1 - 1.006 ** -12)) / 0.006;

  test.each<[what: string, asked: object, verdict: string]>([
    ["the answer of the first", { part: "a", claimed: pay.toFixed(4) }, "right"],
    [
      "what is asked further of it",
      { part: "a", follow: 0, claimed: owed(pay).toFixed(2) },
      "right",
    ],
    ["the answer of the second", { part: "b", claimed: renewed(owed(pay)).toFixed(4) }, "right"],
    [
      "the right way on from a wrong balance",
      { part: "b", claimed: renewed(owed(481.57)).toFixed(4), earlier: { a: "481.57" } },
      "follows-through",
    ],
    [
      "the right way on from a rounded answer",
      { part: "c", claimed: worth(2 * 484.5).toFixed(4), earlier: { a: "484.5" } },
      "follows-through",
    ],
    [
      "the same without a word of it",
      { part: "c", claimed: worth(2 * 481.57).toFixed(4) },
      "unexplained",
    ],
  ])("%s", async (_, asked, verdict) => {
    const reply = (await post({ question, ...asked }).expect(200)).body as MarkReply;
    expect([reply.verdict, reply.explanations.length > 0]).toEqual([verdict, false]);
    expect(reply.sentence).toMatch(/^[A-Z].*\.$/);
  });

  test("a mistake on the way to what is asked further is told", async () => {
    // 7.2% taken as an effective rate: 1.072^(1/12) a month in the place of 1.006.
    const growth = 1.072 ** (1 / 12);
    const wrong = (24_350 * (growth - 1)) / (1 - growth ** -60);
    const left = (wrong * (1 - growth ** -36)) / (growth - 1);
    const body = { question, part: "a", follow: 0, claimed: left.toFixed(2) };
    const reply = (await post(body).expect(200)).body as MarkReply;
    expect(reply.explanations[0]?.codes).toEqual(["nominal-as-effective"]);
  });

  test.each<[what: string, asked: object, code: string]>([
    ["no such part", { part: "z", claimed: "1" }, "part-missing"],
    ["no such follow-up", { part: "b", follow: 0, claimed: "1" }, "follow-up-missing"],
    [
      "no number of an earlier part",
      { part: "b", claimed: "1", earlier: { a: "much" } },
      "claim-not-understood",
    ],
    ["no part at all", { claimed: "1" }, "request-invalid"],
  ])("%s is told by its code", async (_, asked, code) => {
    const reply = await post({ question, ...asked }).expect(422);
    expect((reply.body as ProblemDetails).code).toBe(code);
  });
});
