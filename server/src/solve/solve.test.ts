import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import {
  questionSolution,
  solutionReply,
  type ProblemDetails,
  type SolutionReply,
} from "@kestrelmoor/contract";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import request from "supertest";
import counts from "../../../core/reference/counts.json";
import parts from "../../../core/reference/parts.json";
import cases from "../../../core/reference/problems.json";
import simpleAndDates from "../../../core/reference/simple-and-dates.json";
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
    const [answer] = (reply.body as SolutionReply).answers;
    const error = Math.abs((answer?.value ?? NaN) / Number(wanted.value) - 1);
    expect([id, error < 1e-12, answer?.unit]).toEqual([id, true, wanted.unit]);
    if ("direction" in wanted) expect(answer?.direction).toBe(wanted.direction);
  }
});

const isNear = (value: number | null | undefined, wanted: string) =>
  Math.abs((value ?? NaN) / Number(wanted) - 1) < 1e-12;

test("all cases of simple interest, discount and dates within a relative 1e-12", async () => {
  for (const { id, problem: body, expect: wanted } of simpleAndDates) {
    if (body === undefined || Array.isArray(wanted)) continue;
    const { answers } = solutionReply.parse((await solve(body).expect(200)).body);
    const [answer] = answers;
    expect([id, isNear(answer?.value, wanted.value)]).toEqual([id, true]);
    expect([answer?.unit, answer?.direction]).toEqual([wanted.unit, wanted.direction]);
  }
});

test("all questions of several parts within a relative 1e-12, part by part", async () => {
  const questions: readonly { id: string; question?: unknown; expect: unknown }[] = [
    ...parts,
    ...simpleAndDates,
  ];
  for (const { id, question, expect: expected } of questions) {
    if (question === undefined) continue;
    const reply = questionSolution.parse((await solve(question).expect(200)).body);
    const wanted = expected as { label: string; value: string; also: string[] }[];
    const near = reply.parts.map((part, index) =>
      "issues" in part
        ? false
        : isNear(part.answers[0]?.value, wanted[index]?.value ?? "") &&
          part.also.every((value, place) =>
            isNear(Math.abs(value ?? NaN), wanted[index]?.also[place] ?? ""),
          ),
    );
    expect([id, reply.parts.map(({ label }) => label), near]).toEqual([
      id,
      wanted.map(({ label }) => label),
      wanted.map(() => true),
    ]);
  }
});

test("a part without an answer says why, and one that waits for it says for which", async () => {
  const [own, other] = problem.flows;
  const question = {
    format: "kestrelmoor-question",
    version: 1,
    parts: [
      {
        label: "a",
        problem: {
          ...problem,
          flows: [
            { ...own, amount: 0 },
            { ...other, amount: 5, at: null },
          ],
        },
      },
      {
        label: "b",
        problem: { ...problem, flows: [{ ...own, amount: { answerOf: "a" } }, other] },
      },
      { label: "c", problem },
    ],
  };
  const { body } = await solve(question).expect(200);
  expect(body).toMatchObject({
    parts: [
      { label: "a", issues: [{ code: "nothing-to-balance" }] },
      {
        label: "b",
        issues: [
          {
            code: "part-waits",
            path: ["flows", 0, "amount"],
            label: "a",
            message: "This waits for the answer of part (a).",
          },
        ],
      },
      { label: "c", answers: [{ value: 110.25 }] },
    ],
  });
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
    const reply = solutionReply.parse((await solve(body).expect(200)).body);
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

test("gives a payment in whole cents, and the final one that settles the rest", async () => {
  const body = {
    format: "kestrelmoor-problem",
    version: 2,
    paymentRounding: "up",
    rates: [{ percent: 0, quoted: "effective" }],
    flows: [
      { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" },
      {
        ...{ id: "pay", kind: "stream", direction: "out", amount: null, every: "P1M", count: 7 },
        ...{ timing: "end", begins: "P0D" },
      },
    ],
  };
  const reply = solutionReply.parse((await solve(body).expect(200)).body);
  expect(reply.answers[0]?.value).toBe(142.86);
  expect(reply.facts.roundedPayment).toEqual({
    exact: expect.closeTo(1000 / 7, 9),
    full: 6,
    last: { amount: expect.closeTo(1000 - 6 * 142.86, 9), years: expect.closeTo(7 / 12, 12) },
  });
  const refused = await solve({ ...body, paymentRounding: "down" }).expect(422);
  expect(JSON.stringify(refused.body)).toContain("paymentRounding");
});

test("every proof that a reply can name is explained in docs/method.md", () => {
  const method = readFileSync(join(import.meta.dirname, "../../../docs/method.md"), "utf8");
  for (const proof of solutionReply.shape.completeness.options)
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
    ["a newer file", { ...problem, version: 3 }, "problem-invalid"],
    ["no unknown", flows({ amount: 1 }), "unknown-missing"],
    ["two unknowns", flows({ at: null }), "unknown-several"],
    [
      "a rate of −100 %",
      { ...problem, rates: [{ percent: -100, quoted: "effective" }] },
      "rate-too-low",
    ],
    ["an amount of 1e308", flows({ amount: 1e308 }), "problem-invalid"],
    ["a date without a today", flows({ at: "2027-09-20" }), "problem-invalid"],
    [
      "a part that refers to a later one",
      {
        format: "kestrelmoor-question",
        version: 1,
        parts: [
          { label: "a", problem: flows({ at: { answerOf: "b" } }) },
          { label: "b", problem },
        ],
      },
      "problem-invalid",
    ],
    [
      "a question of no parts",
      { format: "kestrelmoor-question", version: 1, parts: [] },
      "problem-invalid",
    ],
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
