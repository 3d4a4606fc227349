import { afterAll, beforeAll, expect, test } from "@jest/globals";
import type { ProblemDetails, ProblemWorkings, QuestionWorkings } from "@kestrelmoor/contract";
import request from "supertest";
import questions from "../../../core/reference/parts.json";
import cases from "../../../core/reference/problems.json";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (body: unknown) =>
  request(served.app).post("/api/workings").type("json").send(JSON.stringify(body));

test("the steps go from what is given to the answer of the reference, for a case of every third family", async () => {
  const firsts = cases.filter(({ family }, index) => cases[index - 1]?.family !== family);
  for (const { problem, expect: wanted } of firsts.filter((_, index) => index % 3 === 0)) {
    const { steps } = (await post({ problem }).expect(200)).body as ProblemWorkings;
    expect(steps[0]?.kind).toBe("given");
    expect(steps.flatMap(({ latex }) => latex).length).toBeGreaterThan(1);
    const answer = steps.at(-1)?.value ?? NaN;
    expect(Math.abs(answer / Number(wanted.value))).toBeCloseTo(1, 11);
  }
});

test("a question has the workings of each part, up to the answer of the reference", async () => {
  for (const { question, expect: all } of questions) {
    const wanted: readonly { readonly label: string; readonly value: string }[] = all;
    const { parts } = (await post({ question }).expect(200)).body as QuestionWorkings;
    expect(parts.map(({ label }) => label)).toEqual(wanted.map(({ label }) => label));
    for (const [index, part] of parts.entries()) {
      const answer = "steps" in part ? (part.steps.at(-1)?.value ?? NaN) : NaN;
      expect(Math.abs(answer / Number(wanted[index]?.value))).toBeCloseTo(1, 11);
    }
  }
});

test("a part without an answer says why, and the others have their workings", async () => {
  const [first] = questions;
  const [own, next] = first?.question.parts ?? [];
  const flows = own?.problem.flows.map((flow) => ({ ...flow, amount: 1 }));
  const question = {
    ...first?.question,
    parts: [{ label: "a", problem: { ...own?.problem, flows } }, next],
  };
  const { parts } = (await post({ question }).expect(200)).body as QuestionWorkings;
  expect(parts).toMatchObject([
    { label: "a", issues: [{ code: "unknown-missing" }] },
    { label: "b", issues: [{ code: "part-waits", path: ["flows", 0, "amount"] }] },
  ]);
});

test("the short form has fewer steps", async () => {
  const problem = cases[0]?.problem;
  const whole = (await post({ problem }).expect(200)).body as ProblemWorkings;
  const short = (await post({ problem, level: "short" }).expect(200)).body as ProblemWorkings;
  expect(short.steps.length).toBeLessThan(whole.steps.length);
});

test("further questions have steps of their own, and null where they have no answer", async () => {
  const problem = {
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent: 10, quoted: "effective" }],
    flows: [
      { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" },
      {
        ...{ id: "rent", kind: "stream", direction: "out", amount: null, every: "P1Y" },
        ...{ count: "forever", timing: "end", begins: "P0D" },
      },
    ],
    also: [
      { find: "balance", at: "P3Y" },
      { find: "total", of: "rent" },
    ],
  };
  const { also } = (await post({ problem }).expect(200)).body as ProblemWorkings;
  // Payments of 100 for ever never bring a loan of 1,000 at 10 % down.
  expect(also[0]?.steps.at(-1)?.value).toBeCloseTo(1000, 9);
  expect(also[1]).toBeNull();
});

test.each<[string, unknown, string]>([
  ["an unknown level", { problem: cases[0]?.problem, level: "brief" }, "request-invalid"],
  ["no problem", { level: "short" }, "problem-invalid"],
])("%s is told by its code", async (_, body, code) => {
  const reply = await post(body).expect(422);
  expect((reply.body as ProblemDetails).code).toBe(code);
});
