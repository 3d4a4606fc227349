import { afterAll, beforeAll, beforeEach, describe, expect, test } from "@jest/globals";
import {
  notebookFile,
  type BinReply,
  type DeskReply,
  type MergeReply,
  type NotebookKeyReply,
  type NotebookReply,
  type ProblemDetails,
  type ProblemList,
  type SavedProblem,
  type ShareReply,
  type UnreadNotebookFile,
} from "@kestrelmoor/contract";
import { FIRST_DESK } from "@kestrelmoor/core/typing";
import { eq } from "drizzle-orm";
import { draftOf } from "../../test/draft-of";
import { browserOf, createTestApp, DEMO, type TestApp } from "../../test/test-app";
import { problems, workspaces } from "../db/schema";
import { loadDemo } from "../demo/load-demo";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
  await loadDemo(served.connection.database, DEMO);
});
afterAll(() => served.close());

type Browser = ReturnType<typeof browserOf>;
let mine: Browser;
let other: Browser;
beforeEach(() => {
  mine = browserOf(served);
  other = browserOf(served);
});

const create = async (of: Browser, title: string) =>
  (
    await of
      .post("/api/problems")
      .send({ draft: draftOf(title) })
      .expect(201)
  ).body as SavedProblem;
const factsOf = async (of: Browser) =>
  (await of.get("/api/notebook").expect(200)).body as NotebookReply;
const titlesOf = async (of: Browser) => {
  const { body } = await of.get("/api/problems?pageSize=100").expect(200);
  return (body as ProblemList).items.map(({ title }) => title);
};
const binOf = async (of: Browser) =>
  ((await of.get("/api/problems/bin").expect(200)).body as BinReply).items.map(
    ({ title }) => title,
  );
const newKey = async (of: Browser) =>
  ((await of.post("/api/notebook/key").expect(200)).body as NotebookKeyReply).key;
const open = (of: Browser, key: string) => of.post("/api/notebook/open").send({ key });

describe("a notebook key", () => {
  test("opens the notebook in another browser, which then has a secret of its own", async () => {
    await create(mine, "Smoker");
    expect(await factsOf(mine)).toEqual({
      ...{ problems: 1, inBin: 0, hasKey: false, otherBrowsers: 0 },
    });
    const key = await newKey(mine);
    await open(other, key.toUpperCase()).expect(200);
    expect(await titlesOf(other)).toEqual(await titlesOf(mine));
    expect(await factsOf(other)).toMatchObject({ hasKey: true, otherBrowsers: 1 });
    await create(other, "Veil");
    expect((await titlesOf(mine)).slice(0, 2)).toEqual(["Veil", "Smoker"]);
  });

  test("is kept nowhere", async () => {
    const key = await newKey(mine);
    const rows = await served.connection.database.select().from(workspaces);
    expect(JSON.stringify(rows)).not.toContain(key.split(" ")[0]);
    expect(served.log.join("")).not.toContain(key);
  });

  test("ends with a new one", async () => {
    const first = await newKey(mine);
    const second = await newKey(mine);
    const { body } = await open(other, first).expect(404);
    expect((body as ProblemDetails).code).toBe("key-unknown");
    await open(other, second).expect(200);
  });

  test("that is mistyped changes nothing", async () => {
    await create(mine, "Kept");
    const before = await titlesOf(mine);
    for (const key of ["abel", "abandon ability able about above absent", "a b c"]) {
      const { body } = await open(mine, key).expect(422);
      expect((body as ProblemDetails).code).toBe("key-unreadable");
    }
    await open(mine, "abandon ability able about above absent absorb").expect(404);
    await open(mine, "").expect(422);
    expect(await titlesOf(mine)).toEqual(before);
  });

  test("takes along what this browser had, never doubled", async () => {
    await create(mine, "Smoker");
    const key = await newKey(mine);
    await create(other, "Smoker");
    await create(other, "Only here");
    await other.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
    const { body } = await open(other, key).expect(200);
    expect(body as MergeReply).toEqual({ added: 1, restored: 0, same: 1, unread: 0 });
    expect((await titlesOf(mine)).slice(0, 2)).toEqual(["Only here", "Smoker"]);
    const desk = (await mine.get("/api/desk").expect(200)).body as DeskReply;
    expect(desk.parts.early).toEqual(FIRST_DESK.early);
    // Opened twice, nothing more happens.
    expect((await open(other, key).expect(200)).body).toMatchObject({ added: 0, same: 0 });
    expect(await factsOf(mine)).toMatchObject({ otherBrowsers: 1 });
  });

  test("leaves the links of this browser where they are", async () => {
    const { id } = await create(other, "Shared");
    const { body } = await other.post(`/api/problems/${id}/share`).expect(200);
    const address = (body as ShareReply).share?.address ?? "";
    await open(other, await newKey(mine)).expect(200);
    await browserOf(served).get(`/api/shared/${address}`).expect(200);
    await mine.delete(`/api/problems/${id}/share`).expect(204);
    await browserOf(served).get(`/api/shared/${address}`).expect(404);
  });

  test("does not end a notebook that has a key of its own", async () => {
    await create(mine, "Mine");
    const myKey = await newKey(mine);
    await create(other, "Theirs");
    await open(mine, await newKey(other)).expect(200);
    expect(await titlesOf(mine)).toContain("Theirs");
    const third = browserOf(served);
    await open(third, myKey).expect(200);
    expect(await titlesOf(third)).toContain("Mine");
  });
});

describe("a browser that is not one's own", () => {
  test("is closed, and starts anew", async () => {
    await create(mine, "Smoker");
    const key = await newKey(mine);
    await open(other, key).expect(200);
    await other.post("/api/notebook/close").expect(204);
    expect(await titlesOf(other)).not.toContain("Smoker");
    expect(await titlesOf(mine)).toContain("Smoker");
    // The first browser can be closed too; the key still opens.
    await mine.post("/api/notebook/close").expect(204);
    expect(await titlesOf(mine)).not.toContain("Smoker");
    await open(mine, key).expect(200);
    expect(await titlesOf(mine)).toContain("Smoker");
  });

  test("is closed from afar", async () => {
    await create(mine, "Smoker");
    await open(other, await newKey(mine)).expect(200);
    await other.post("/api/notebook/close-others").expect(204);
    expect(await titlesOf(mine)).not.toContain("Smoker");
    expect(await titlesOf(other)).toContain("Smoker");
    expect(await factsOf(other)).toMatchObject({ otherBrowsers: 1 });
  });
});

describe("the whole notebook as a file", () => {
  const fileOf = async (of: Browser) =>
    JSON.parse(
      (await of.get("/api/notebook/file").buffer(true).expect(200)).text,
    ) as UnreadNotebookFile;
  const merge = async (of: Browser, body: object) =>
    (await of.post("/api/notebook/merge").send(body).expect(200)).body as MergeReply;

  test("has drafts, bin and desk, and nothing of the demo notebook that was not changed", async () => {
    for (let count = 0; count < 60; count += 1) await create(mine, `Problem ${count}`);
    const gone = await create(mine, "Gone");
    await mine.delete(`/api/problems/${gone.id}`).expect(204);
    await mine.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
    const file = await fileOf(mine);
    expect(notebookFile.parse(file).problems).toHaveLength(61);
    expect(file.problems.filter(({ deletedAt }) => deletedAt !== null)).toMatchObject([
      { id: gone.id, draft: { title: "Gone" } },
    ]);
    expect(file.desk).toEqual({ early: FIRST_DESK.early });
    expect(notebookFile.parse(await fileOf(other)).problems).toEqual([]);
  });

  test("is read back into an empty notebook, with its addresses, and a second time adds nothing", async () => {
    const kept = await create(mine, "Kept");
    const gone = await create(mine, "Gone");
    await mine.delete(`/api/problems/${gone.id}`).expect(204);
    const { problems: carried, desk } = await fileOf(mine);
    expect(await merge(other, { problems: carried, desk })).toMatchObject({ added: 2 });
    expect(await titlesOf(other)).toContain("Kept");
    expect(await binOf(other)).toEqual(["Gone"]);
    const { body } = await other.get(`/api/problems/${kept.id}`).expect(200);
    expect((body as SavedProblem).draft).toEqual(draftOf("Kept"));
    expect(await merge(other, { problems: carried, desk })).toMatchObject({ added: 0, same: 2 });
  });

  test("keeps both of two texts that have the same address", async () => {
    const { id } = await create(mine, "First");
    const { problems: carried } = await fileOf(mine);
    await mine
      .put(`/api/problems/${id}`)
      .set("If-Match", '"1"')
      .send({ draft: draftOf("Second") })
      .expect(200);
    expect(await merge(mine, { problems: carried })).toMatchObject({ added: 1 });
    expect((await titlesOf(mine)).filter((title) => /First|Second/.test(title)).sort()).toEqual([
      "First",
      "Second",
    ]);
  });

  test("gives back what is in the bin", async () => {
    const { id } = await create(mine, "Binned");
    const { problems: carried } = await fileOf(mine);
    await mine.delete(`/api/problems/${id}`).expect(204);
    expect(await merge(mine, { problems: carried })).toMatchObject({ restored: 1, added: 0 });
    expect(await titlesOf(mine)).toContain("Binned");
  });

  test("has changed demo problems, and takes them along", async () => {
    const list = (await mine.get("/api/problems").expect(200)).body as ProblemList;
    const id = list.items[0]?.id ?? "";
    await mine
      .put(`/api/problems/${id}`)
      .set("If-Match", '"1"')
      .send({ draft: draftOf("Changed demo") })
      .expect(200);
    const { problems: carried } = await fileOf(mine);
    await merge(other, { problems: carried });
    const titles = await titlesOf(other);
    expect(titles).toEqual(await titlesOf(mine));
    expect(titles).toContain("Changed demo");
  });

  test("of which a problem cannot be read says so, and the rest is taken in", async () => {
    const { id } = await create(mine, "Read");
    const { problems: carried } = await fileOf(mine);
    const [first] = carried;
    const bad = [
      { ...first, draft: { format: "honey" } },
      { ...first, draft: { ...draftOf("Future"), version: 99 } },
      { ...first, id: crypto.randomUUID(), draft: draftOf("Good") },
    ];
    expect(await merge(other, { problems: bad })).toEqual({
      ...{ added: 1, restored: 0, same: 0, unread: 2 },
    });
    expect(id).toBeTruthy();
    await other
      .post("/api/notebook/merge")
      .send({ problems: [{ id: "x" }] })
      .expect(422);
    await other
      .post("/api/notebook/merge")
      .send({ problems: Array(101).fill(first) })
      .expect(422);
  });

  test("does not fill a notebook beyond its limit", async () => {
    await create(mine, "One");
    const { database } = served.connection;
    const [row] = await database.select().from(problems).limit(1);
    const owner = await database
      .select({ id: problems.workspaceId })
      .from(problems)
      .where(eq(problems.title, "One"));
    const workspaceId = owner.at(-1)?.id ?? "";
    await database.insert(problems).values(
      Array.from({ length: 1999 }, () => ({
        ...{ workspaceId, title: "x", draft: row?.draft ?? {} },
      })),
    );
    const item = {
      ...{ id: crypto.randomUUID(), draft: draftOf("More"), deletedAt: null },
      ...{ createdAt: "2026-01-31T09:00:00.000Z", updatedAt: "2026-01-31T09:00:00.000Z" },
    };
    const { body } = await mine
      .post("/api/notebook/merge")
      .send({ problems: [item] })
      .expect(422);
    expect((body as ProblemDetails).code).toBe("notebook-full");
  });
});
