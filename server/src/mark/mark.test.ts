import { afterAll, beforeAll, expect, test } from "@jest/globals";
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
