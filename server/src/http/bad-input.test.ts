import { afterAll, beforeAll, expect, test } from "@jest/globals";
import type { ProblemDetails, ProblemList, SavedProblem } from "@kestrelmoor/contract";
import { SHAPES } from "@kestrelmoor/core/typing";
import { sql } from "drizzle-orm";
import { browserOf, createTestApp, type TestApp } from "../../test/test-app";
import { connect } from "../db/database";
import { isUnavailable } from "../db/is-unavailable";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const uneven = () => {
  const draft = SHAPES.find(({ id }) => id === "uneven")?.picture();
  if (draft === undefined) throw new Error("There is such a problem type");
  return draft;
};

test.each([
  ["brackets that go too deep", "(".repeat(49_000) + "1" + ")".repeat(49_000)],
  ["spaces without an end", `1${" ".repeat(99_000)}x`],
  ["quotation marks without an end", "“".repeat(99_000)],
])("%s are kept as typed, and the notebook can still be read", async (_, amounts) => {
  const browser = browserOf(served);
  const draft = uneven();
  const flows = draft.flows.map((line) => (line.kind === "list" ? { ...line, amounts } : line));
  const { body } = await browser
    .post("/api/problems")
    .send({ draft: { ...draft, flows } })
    .expect(201);
  const { id } = body as SavedProblem;
  await browser.get("/api/problems").expect(200);
  const saved = (await browser.get(`/api/problems/${id}`).expect(200)).body as SavedProblem;
  const line = saved.draft.flows.find(({ kind }) => kind === "list");
  expect(line).toMatchObject({ amounts });
});

test("a search for what no text has finds nothing", async () => {
  const { body } = await browserOf(served).get("/api/problems?search=%00%00x").expect(200);
  expect((body as ProblemList).total).toBe(0);
});

test("of very many faults the first hundred are told", async () => {
  const problem = {
    ...{ format: "kestrelmoor-problem", version: 1 },
    rates: Array<number>(150_000).fill(1),
    flows: Array<number>(150_000).fill(1),
  };
  for (const path of ["/api/problems", "/api/solve"]) {
    const { body } = await browserOf(served).post(path).send({ problem }).expect(422);
    expect((body as ProblemDetails & { issues: unknown[] }).issues.length).toBeLessThanOrEqual(100);
  }
});

test("a full disk, and a query that takes too long, are an outage and no fault", async () => {
  expect(isUnavailable({ cause: { code: "53100" } })).toBe(true);
  expect(isUnavailable({ cause: { code: "23505" } })).toBe(false);
  const hasty = connect(served.url, () => undefined, 700);
  try {
    const failure: unknown = await hasty.database
      .execute(sql`select pg_sleep(20)`)
      .catch((error: unknown) => error);
    expect(isUnavailable(failure)).toBe(true);
  } finally {
    await hasty.close();
  }
});

test("the log tells that a query failed, never what somebody typed", async () => {
  const broken = await createTestApp();
  try {
    await broken.connection.database.execute(sql`alter table problems rename column draft to text`);
    await browserOf(broken)
      .post("/api/problems")
      .send({ draft: { ...uneven(), title: "secret-words", question: "secret-words" } })
      .expect(500);
    const log = broken.log.join("");
    expect(log).toMatch(/"code":"42703"/);
    expect(log).not.toContain("secret-words");
  } finally {
    await broken.close();
  }
});
