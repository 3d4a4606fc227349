import { afterAll, beforeAll, expect, test } from "@jest/globals";
import type { ProblemDetails, SavedProblem } from "@kestrelmoor/contract";
import { SHAPES } from "@kestrelmoor/core/typing";
import { sql } from "drizzle-orm";
import { browserOf, createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

/** From now on the database says what it says when its disk is full, and shows the row as it does. */
async function fillDisk(): Promise<void> {
  const { database } = served.connection;
  await database.execute(sql`
    create function full_disk() returns trigger language plpgsql as $$
    begin
      raise exception 'could not extend file: No space left on device' using
        errcode = '53100', detail = new.draft::text;
    end $$`);
  await database.execute(
    sql`create trigger full_disk before insert or update on problems for each row execute function full_disk()`,
  );
}

async function clearDisk(): Promise<void> {
  await served.connection.database.execute(sql`drop trigger full_disk on problems`);
}

test("a full disk is told as 503, which the page tries again; the log has no word of the text", async () => {
  const browser = browserOf(served);
  const draft = { ...SHAPES[0]?.picture(), title: "Secret title", question: "Secret question" };
  const first = await browser.post("/api/problems").send({ draft }).expect(201);
  const { id } = first.body as SavedProblem;
  const save = () => browser.put(`/api/problems/${id}`).set("If-Match", '"1"').send({ draft });
  await fillDisk();
  const { body, headers } = await save().expect(503);
  expect((body as ProblemDetails).code).toBe("database-unavailable");
  expect(headers["retry-after"]).toBe("2");
  await browser.post("/api/problems").send({ draft }).expect(503);
  // What is there can be read.
  await browser.get(`/api/problems/${id}`).expect(200);
  const log = served.log.join("");
  expect(log).toContain("53100");
  expect(log).not.toMatch(/Secret/);
  await clearDisk();
  await save().expect(200);
});
