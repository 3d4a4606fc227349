import { afterAll, beforeAll, beforeEach, expect, test } from "@jest/globals";
import type { BinReply, ProblemList, SavedProblem } from "@kestrelmoor/contract";
import { SHAPES } from "@kestrelmoor/core/typing";
import { eq, sql } from "drizzle-orm";
import { browserOf, createTestApp, DEMO, type TestApp } from "../../test/test-app";
import { problems, workspaces } from "../db/schema";
import { loadDemo } from "../demo/load-demo";
import { tidyUp } from "./upkeep";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
  await loadDemo(served.connection.database, DEMO);
});
afterAll(() => served.close());

let browser: ReturnType<typeof browserOf>;
beforeEach(() => {
  browser = browserOf(served);
});

const db = () => served.connection.database;
const daysAgo = (days: number) => sql`now() - make_interval(days => ${days})`;
const draft = SHAPES[0]?.picture();

async function create(): Promise<SavedProblem & { workspaceId: string }> {
  const { body } = await browser.post("/api/problems").send({ draft }).expect(201);
  const saved = body as SavedProblem;
  const [row] = await db()
    .select({ workspaceId: problems.workspaceId })
    .from(problems)
    .where(eq(problems.id, saved.id));
  return { ...saved, workspaceId: row?.workspaceId ?? "" };
}

const isKept = async (id: string) => (await db().$count(workspaces, eq(workspaces.id, id))) === 1;

test.each([
  [399, true],
  [401, false],
])("a notebook that was opened %d days ago is kept: %p", async (days, kept) => {
  const { workspaceId } = await create();
  await db()
    .update(workspaces)
    .set({ usedAt: daysAgo(days) })
    .where(eq(workspaces.id, workspaceId));
  expect(await tidyUp(db())).toBe(true);
  expect(await isKept(workspaceId)).toBe(kept);
});

test("opening it is using it", async () => {
  const { id, workspaceId } = await create();
  const used = { usedAt: daysAgo(399) };
  await db().update(workspaces).set(used).where(eq(workspaces.id, workspaceId));
  await browser.get(`/api/problems/${id}`).expect(200);
  const recent = sql`${workspaces.id} = ${workspaceId} and ${workspaces.usedAt} > ${daysAgo(1)}`;
  expect(await db().$count(workspaces, recent)).toBe(1);
});

test.each([
  ["nothing was ever kept", 8, false, false],
  ["nothing was kept yet", 6, false, true],
  ["a key was made", 8, true, true],
])("a workspace in which %s, after %d days", async (_, days, hasKey, kept) => {
  const { id, workspaceId } = await create();
  if (hasKey) await browser.post("/api/notebook/key").expect(200);
  await db().delete(problems).where(eq(problems.id, id));
  const used = { usedAt: daysAgo(days) };
  await db().update(workspaces).set(used).where(eq(workspaces.id, workspaceId));
  await tidyUp(db());
  expect(await isKept(workspaceId)).toBe(kept);
});

test("the bin is emptied after 30 days; a demo problem stays away", async () => {
  const [old, recent] = [await create(), await create()];
  const demo = ((await browser.get("/api/problems").expect(200)).body as ProblemList).items.at(-1);
  for (const id of [old.id, recent.id, demo?.id ?? ""]) {
    await browser.delete(`/api/problems/${id}`).expect(204);
  }
  for (const id of [old.id, demo?.id ?? ""]) {
    await db()
      .update(problems)
      .set({ deletedAt: daysAgo(31) })
      .where(sql`${problems.id} = ${id} and ${problems.workspaceId} = ${old.workspaceId}`);
  }
  await tidyUp(db());
  const { items } = (await browser.get("/api/problems/bin").expect(200)).body as BinReply;
  expect(items.map(({ id }) => id)).toEqual([recent.id]);
  const list = (await browser.get("/api/problems").expect(200)).body as ProblemList;
  expect(list.items.map(({ id }) => id)).not.toContain(demo?.id);
});

test("one copy at a time tidies up", async () => {
  const both = await Promise.all([tidyUp(db()), tidyUp(db()), tidyUp(db())]);
  expect(both.filter(Boolean).length).toBeGreaterThanOrEqual(1);
  await db().transaction(async (transaction) => {
    await transaction.execute(sql`select pg_advisory_xact_lock(20261128)`);
    expect(await tidyUp(db())).toBe(false);
  });
});

test("the demo notebook is kept for ever", async () => {
  await db()
    .update(workspaces)
    .set({ usedAt: daysAgo(1000) })
    .where(eq(workspaces.kind, "demo"));
  await tidyUp(db());
  expect(await db().$count(workspaces, eq(workspaces.kind, "demo"))).toBe(1);
});
