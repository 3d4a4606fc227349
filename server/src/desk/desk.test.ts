import { afterAll, beforeAll, beforeEach, expect, test } from "@jest/globals";
import type { DeskReply } from "@kestrelmoor/contract";
import { FIRST_DESK } from "@kestrelmoor/core/typing";
import { eq } from "drizzle-orm";
import { browserOf, createTestApp, type TestApp } from "../../test/test-app";
import { deskParts, workspaces } from "../db/schema";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

let browser: ReturnType<typeof browserOf>;
beforeEach(() => {
  browser = browserOf(served);
});

const partsOf = async (of = browser) =>
  ((await of.get("/api/desk").expect(200)).body as DeskReply).parts;

test("a browser that kept nothing has nothing, and nothing is written by asking", async () => {
  const { database } = served.connection;
  const before = await database.$count(workspaces);
  const { body } = await browser.get("/api/desk").expect(200);
  expect(body).toEqual({ parts: {} });
  expect(await database.$count(workspaces)).toBe(before);
});

test("a part is kept as typed, written over, and nobody else's", async () => {
  const first = { ...FIRST_DESK.real, rate: "6 ¼ %" };
  await browser.put("/api/desk/real").send(first).expect(204);
  await browser.put("/api/desk/table").send(FIRST_DESK.table).expect(204);
  expect(await partsOf()).toEqual({ real: first, table: FIRST_DESK.table });
  await browser.put("/api/desk/real").send(FIRST_DESK.real).expect(204);
  expect(await partsOf()).toEqual({ real: FIRST_DESK.real, table: FIRST_DESK.table });
  expect(await partsOf(browserOf(served))).toEqual({});
});

test("what is no part, or not what it has to be, is refused and changes nothing", async () => {
  await browser.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
  const { body } = await browser.put("/api/desk/horoscope").send({}).expect(404);
  expect(body).toMatchObject({ code: "not-found", detail: "There is no such part." });
  await browser.put("/api/desk/early").send({ percent: 2, days: "20" }).expect(422);
  await browser.put("/api/desk/early").send({ percent: "2%" }).expect(422);
  await browser
    .put("/api/desk/early")
    .send({ ...FIRST_DESK.early, more: "" })
    .expect(422);
  await browser
    .put("/api/desk/early")
    .send({ ...FIRST_DESK.early, days: "9".repeat(201) })
    .expect(422);
  expect(await partsOf()).toEqual({ early: FIRST_DESK.early });
});

test("a character that the database cannot keep does not stop a save", async () => {
  await browser.put("/api/desk/early").send({ percent: "2\u0000%", days: "\ud800" }).expect(204);
  expect(await partsOf()).toEqual({ early: { percent: "2%", days: "\ufffd" } });
});

test("a part that cannot be read is left out, and stays where it is", async () => {
  await browser.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
  await browser.put("/api/desk/real").send(FIRST_DESK.real).expect(204);
  const { database } = served.connection;
  await database
    .update(deskParts)
    .set({ content: { from: "the future" } })
    .where(eq(deskParts.part, "early"));
  expect(await partsOf()).toEqual({ real: FIRST_DESK.real });
  const rows = await database.select().from(deskParts).where(eq(deskParts.part, "early"));
  expect(rows.map(({ content }) => content)).toContainEqual({ from: "the future" });
});
