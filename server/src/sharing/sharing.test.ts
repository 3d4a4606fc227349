import { afterAll, beforeAll, beforeEach, expect, test } from "@jest/globals";
import type { ProblemList, SavedProblem, SharedProblem, ShareReply } from "@kestrelmoor/contract";
import { draftOf } from "../../test/draft-of";
import { browserOf, createTestApp, DEMO, type TestApp } from "../../test/test-app";
import { workspaces } from "../db/schema";
import { loadDemo } from "../demo/load-demo";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
  await loadDemo(served.connection.database, DEMO);
});
afterAll(() => served.close());

type Browser = ReturnType<typeof browserOf>;
let mine: Browser;
let reader: Browser;
beforeEach(() => {
  mine = browserOf(served);
  reader = browserOf(served);
});

const create = async (title: string) =>
  (
    await mine
      .post("/api/problems")
      .send({ draft: draftOf(title) })
      .expect(201)
  ).body as SavedProblem;
const share = async (id: string) =>
  ((await mine.post(`/api/problems/${id}/share`).expect(200)).body as ShareReply).share;
const shareOf = async (id: string) =>
  ((await mine.get(`/api/problems/${id}/share`).expect(200)).body as ShareReply).share;
const readAt = async (address: string) =>
  (await reader.get(`/api/shared/${address}`).expect(200)).body as SharedProblem;

test("a copy is read by whoever has its address, which nobody guesses", async () => {
  const { id } = await create("Smoker");
  expect(await shareOf(id)).toBeNull();
  const made = await share(id);
  expect(made?.address).toMatch(/^[\w-]{22}$/);
  const read = await readAt(made?.address ?? "");
  expect(read).toMatchObject({ title: "Smoker", draft: draftOf("Smoker") });
  // Reading it makes nobody a workspace, and gives no way to the notebook it is from.
  expect(Object.keys(read).sort()).toEqual(["draft", "sharedAt", "title"]);
  await reader.get(`/api/problems/${id}`).expect(404);
});

test("it stays as it was shared until it is shared again, at the same address", async () => {
  const { id } = await create("First");
  const { address = "" } = (await share(id)) ?? {};
  expect(await shareOf(id)).toMatchObject({ address, isCurrent: true });
  await mine
    .put(`/api/problems/${id}`)
    .set("If-Match", '"1"')
    .send({ draft: draftOf("Second") })
    .expect(200);
  expect(await shareOf(id)).toMatchObject({ address, isCurrent: false });
  expect((await readAt(address)).title).toBe("First");
  expect(await share(id)).toMatchObject({ address, isCurrent: true });
  expect((await readAt(address)).title).toBe("Second");
});

test("taken back, its address leads nowhere, and a new one is another", async () => {
  const { id } = await create("Smoker");
  const { address = "" } = (await share(id)) ?? {};
  await reader.delete(`/api/problems/${id}/share`).expect(204);
  await readAt(address);
  await mine.delete(`/api/problems/${id}/share`).expect(204);
  await reader.get(`/api/shared/${address}`).expect(404);
  expect((await share(id))?.address).not.toBe(address);
});

test("a demo problem can be shared too", async () => {
  const { items } = (await mine.get("/api/problems").expect(200)).body as ProblemList;
  const made = await share(items[0]?.id ?? "");
  expect((await readAt(made?.address ?? "")).title).toBe(items[0]?.title);
});

test("only the owner shares, and looking writes nothing", async () => {
  const { id } = await create("Mine");
  const before = await served.connection.database.$count(workspaces);
  await reader.post(`/api/problems/${id}/share`).expect(404);
  await reader.get(`/api/problems/${id}/share`).expect(404);
  expect(await served.connection.database.$count(workspaces)).toBe(before);
});

test.each(["x", "a".repeat(22), "..%2f..%2fetc", "a".repeat(5000)])(
  "%s leads nowhere",
  async (at) => {
    const { status } = await reader.get(`/api/shared/${at}`);
    expect([400, 404]).toContain(status);
  },
);
