import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import { solveReply, type ProblemDetails, type SolveReply } from "@kestrelmoor/contract";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import request from "supertest";
import counts from "../../../core/reference/counts.json";
import cases from "../../../core/reference/problems.json";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const solve = (body: unknown) =>
  request(served.app).post("/api/solve").type("json").send(JSON.stringify(body));

const problem = {
  format: "kestrelmoor-problem",
  version: 1,
  rates: [{ percent: 5, quoted: "effective" }],
  flows: [
    { id: "a", kind: "single", direction: "out", amount: 100, at: "P0D" },
    { id: "b", kind: "single", direction: "in", amount: null, at: "P2Y" },
  ],
};

test(`all ${cases.length} cases of the reference within a relative 1e-12`, async () => {
  for (const { id, problem: body, expect: wanted } of cases) {
    const reply = await solve(body).expect(200);
    const [answer] = (reply.body as SolveReply).answers;
    const error = Math.abs((answer?.value ?? NaN) / Number(wanted.value) - 1);
    expect([id, error < 1e-12, answer?.unit]).toEqual([id, true, wanted.unit]);
    if ("direction" in wanted) expect(answer?.direction).toBe(wanted.direction);
  }
});

test("answers with the unknown's path, the follow-ups and the facts", async () => {
  const also = [
    { find: "balance", at: "P1Y" },
    { find: "total", of: "in" },
  ];
  const { body } = await solve({ ...problem, also }).expect(200);
  expect(body).toEqual({
    unknown: { path: ["flows", 1, "amount"] },
    answers: [{ value: 110.25, unit: "money", direction: "in" }],
    completeness: "linear",
    also: [105, 110.25],
    facts: {
      totalIn: 110.25,
      totalOut: 100,
      interest: 10.25,
      interestIs: "earned",
      effectivePercents: [expect.closeTo(5, 12)],
      streams: [],
    },
  });
});

test("gives a count in whole payments, and says when interest alone reaches the goal", async () => {
  for (const { id, problem: body, expect: wanted } of counts) {
    const reply = solveReply.parse((await solve(body).expect(200)).body);
    const whole = reply.facts.wholePayments;
    const near = (text: string | null) =>
      text === null ? null : (expect.closeTo(Number(text), 6) as unknown);
    const { lastPayment, lastAt, timeGoalReached, totalPaid, fullPayments } = wanted;
    expect({ id, ...whole }).toMatchObject({
      id,
      full: fullPayments,
      last: lastPayment === null ? null : { amount: near(lastPayment), years: near(lastAt) },
      totalPaid: near(totalPaid),
    });
    expect(whole?.goalReachedYears ?? null).toEqual(near(timeGoalReached));
  }
});

test("every proof that a reply can name is explained in docs/method.md", () => {
  const method = readFileSync(join(import.meta.dirname, "../../../docs/method.md"), "utf8");
  for (const proof of solveReply.shape.completeness.options)
    expect(method).toContain(`\`${proof}\``);
});

describe("bad input is said by 400, 413, 415 or 422, with its code and never a stack", () => {
  const flows = (change: object) => ({
    ...problem,
    flows: [problem.flows[0], { ...problem.flows[1], ...change }],
  });
  test.each<[string, unknown, string]>([
    ["an empty object", {}, "problem-invalid"],
    ["null", null, "problem-invalid"],
    ["a list", [], "problem-invalid"],
    ["a newer file", { ...problem, version: 2 }, "problem-invalid"],
    ["no unknown", flows({ amount: 1 }), "unknown-missing"],
    ["two unknowns", flows({ at: null }), "unknown-several"],
    [
      "a rate of −100 %",
      { ...problem, rates: [{ percent: -100, quoted: "effective" }] },
      "rate-too-low",
    ],
    ["an amount of 1e308", flows({ amount: 1e308 }), "problem-invalid"],
    ["a negative time", flows({ at: "-P2Y" }), "problem-invalid"],
    ["a field that is not there", { ...problem, colour: "red" }, "problem-invalid"],
    ["flows of another kind", flows({ kind: "river" }), "problem-invalid"],
  ])("%s", async (_, body, code) => {
    const reply = await solve(body)
      .expect(422)
      .expect("Content-Type", /problem\+json/);
    const details = reply.body as ProblemDetails;
    expect(details.code).toBe(code);
    expect(details.issues?.length).toBeGreaterThan(0);
    for (const { message } of details.issues ?? []) expect(message).toMatch(/[.?]$/);
    expect(JSON.stringify(details)).not.toMatch(/node_modules|\bat .*\.ts/);
  });

  test("text that is not JSON", async () => {
    const reply = await request(served.app)
      .post("/api/solve")
      .type("json")
      .send('{"a":')
      .expect(400);
    expect((reply.body as ProblemDetails).code).toBe("json-unreadable");
  });

  test("no body at all", async () => {
    await request(served.app).post("/api/solve").expect(400);
  });

  test("a body over 1 MiB", async () => {
    const reply = await solve({ ...problem, title: "x".repeat(1_100_000) }).expect(413);
    expect((reply.body as ProblemDetails).code).toBe("body-too-large");
  });

  test("another media type", async () => {
    const reply = await request(served.app).post("/api/solve").type("text/plain").send("hello");
    expect([reply.status, (reply.body as ProblemDetails).code]).toEqual([
      415,
      "media-type-unsupported",
    ]);
  });
});
