import { afterAll, beforeAll, beforeEach, describe, expect, test } from "@jest/globals";
import type { BinReply, ProblemDetails, ProblemList, SavedProblem } from "@kestrelmoor/contract";
import { browserOf, createTestApp, DEMO, type TestApp } from "../../test/test-app";
import { DRAFT_VERSION, type Draft } from "@kestrelmoor/core/typing";
import { eq } from "drizzle-orm";
import { problems, workspaces } from "../db/schema";
import { loadDemo } from "../demo/load-demo";

const own = {
  part: { label: "a", name: "The fund" },
  today: "20 Sep 2027",
  focal: null,
  conventions: {
    dayCount: "30/360",
    fraction: "compound",
    dateOrder: "month-first",
    rateAsked: "effective",
    payments: "up",
    payback: "whole-years",
  },
  rates: [
    {
      kind: "rate",
      id: "rate-1",
      percent: "3 1/8%",
      quoted: "nominal",
      compounding: "P3M",
      compoundedBy: "words",
      from: "",
    },
  ],
  flows: [
    { kind: "single", id: "in", label: "", direction: "out", amount: "2 x 120", at: "today" },
    { kind: "single", id: "out", label: "", direction: "in", amount: "?", at: "3y 4m" },
  ],
  ask: null,
  also: [],
  typedBefore: [],
  sums: [],
  variants: [],
  schedule: {
    rounding: "cent",
    firstDate: "2027-01-31",
    changes: [],
    actual: { file: "bank.csv", text: "31.01.2027;808,75", chosen: { separator: ";" } },
  },
  comparison: { heldFor: "3 years", offers: [] },
  appraisal: { hurdle: "8%", reinvest: "", budget: "40,000", others: [] },
  confirmed: ["in"],
};

const draft = {
  format: "kestrelmoor-draft",
  version: 9,
  title: "Smoker and veil",
  question: "What do 240 become?",
  workings: { level: "short", notation: "factors", rounding: { factor: 4, rate: null } },
  handIn: { variants: true, projects: false },
  answerFormat: null,
  ...own,
  later: [{ ...own, part: { label: "b", name: "" } }],
};

const problem = {
  format: "kestrelmoor-problem",
  version: 1,
  title: "Veil",
  rates: [{ percent: 5, quoted: "effective" }],
  flows: [{ id: "only", kind: "single", direction: "in", amount: null, at: "P0D" }],
};

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

type Browser = ReturnType<typeof browserOf>;
let browser: Browser;
beforeEach(() => {
  browser = browserOf(served);
});

async function create(body: object = { draft }): Promise<SavedProblem> {
  const reply = await browser.post("/api/problems").send(body).expect(201);
  return reply.body as SavedProblem;
}

const list = async (of: Browser, query = ""): Promise<ProblemList> =>
  (await of.get(`/api/problems${query}`).expect(200)).body as ProblemList;

describe("saving and reading", () => {
  test("keeps what was typed, and gives the problem file that it makes up", async () => {
    const alone = { ...draft, later: [] };
    const { id, problem: file, question } = await create({ draft: alone });
    const { body } = await browser.get(`/api/problems/${id}`).expect(200).expect("ETag", '"1"');
    expect((body as SavedProblem).draft).toEqual(alone);
    expect(file?.flows[0]).toMatchObject({ amount: 240, at: "P0D" });
    expect(file?.flows[1]).toMatchObject({ amount: null, at: "P3Y4M" });
    expect(question).toBeNull();
  });

  test("keeps every part, and gives the question file that they make up", async () => {
    const { id, problem: file, question } = await create();
    const { body } = await browser.get(`/api/problems/${id}`).expect(200);
    expect((body as SavedProblem).draft).toEqual(draft);
    expect(file).toBeNull();
    expect(question?.parts.map(({ label }) => label)).toEqual(["a", "b"]);
    // A question file is saved as well, and lists the answer of each part.
    const again = await create({ question });
    expect(again.question).toEqual(question);
    const { items } = await list(browser);
    const card = items.find((one) => one.id === again.id)?.card;
    expect(card?.told).toMatch(/^\(a\) [\d.]+ · \(b\) [\d.]+$/);
    expect(card?.draft.later).toEqual([]);
  });

  test("brings a draft that an older version stored up to date as it is read", async () => {
    const { id } = await create();
    const rent = {
      id: "rent",
      kind: "stream",
      direction: "in",
      amount: 300,
      every: "P1M",
      count: 24,
      timing: "end",
      begins: "P0D",
    };
    const old = {
      ...draft,
      version: 1,
      flows: [...draft.flows, { kind: "kept", id: "rent", flow: rent }],
    };
    await served.connection.database
      .update(problems)
      .set({ draft: old })
      .where(eq(problems.id, id));
    const { body } = await browser.get(`/api/problems/${id}`).expect(200);
    const saved = body as SavedProblem;
    expect(saved.draft.version).toBe(DRAFT_VERSION);
    expect(saved.draft.flows[2]).toMatchObject({ kind: "stream", count: "24 payments" });
    expect(saved.problem?.flows[2]).toEqual(rent);
    // An older copy of the server that still runs saves without a card.
    await served.connection.database
      .update(problems)
      .set({ version: 2 })
      .where(eq(problems.id, id));
    const card = (await list(browser)).items.find((item) => item.id === id)?.card;
    expect(card?.draft.flows[2]).toMatchObject({ kind: "stream", count: "24 payments" });
  });

  test("makes a card anew that was made of a draft of an older version", async () => {
    const { id } = await create();
    const { items } = await list(browser);
    const card = items.find((item) => item.id === id)?.card;
    if (card === undefined) throw new Error("A listed problem has a card");
    const { conventions, today, focal, ...old } = { ...card.draft, version: 7 };
    await served.connection.database
      .update(problems)
      .set({ card: { draft: old as unknown as Draft, told: null } })
      .where(eq(problems.id, id));
    const again = (await list(browser)).items.find((item) => item.id === id)?.card;
    expect(again?.draft).toMatchObject({ version: DRAFT_VERSION, conventions, today, focal });
  });

  test("shows what cannot be read as it was stored, and the rest of the notebook with it", async () => {
    const { id } = await create();
    await served.connection.database
      .update(problems)
      .set({ draft: { ...draft, version: 99 }, card: null, cardVersion: null })
      .where(eq(problems.id, id));
    const { items } = await list(browser);
    expect(items.find((item) => item.id === id)?.card.told).toMatch(/cannot be read/);
    const { body } = await browser.get(`/api/problems/${id}`).expect(200);
    expect(body).toMatchObject({ draft: { version: 99 }, problem: null });
  });

  test("takes a problem file as well, and writes its texts", async () => {
    const saved = await create({ problem });
    expect(saved.title).toBe("Veil");
    expect(saved.draft.rates[0]).toMatchObject({ percent: "5%", quoted: "effective" });
    expect(saved.problem).toEqual({ ...problem, version: 2 });
  });

  test("keeps a draft that cannot be read yet", async () => {
    const half = { ...draft, rates: [{ ...draft.rates[0], percent: "about five" }] };
    const saved = await create({ draft: half });
    expect(saved.draft).toEqual(half);
    expect(saved.problem).toBeNull();
  });

  test("saves over the version that was read, and counts", async () => {
    const { id } = await create();
    const next = { ...draft, title: "Veil only" };
    const saved = await browser
      .put(`/api/problems/${id}`)
      .set("If-Match", '"1"')
      .send({ draft: next })
      .expect(200)
      .expect("ETag", '"2"');
    expect(saved.body).toMatchObject({ version: 2, title: "Veil only" });
  });

  test("characters that the database cannot hold do no harm", async () => {
    const saved = await create({ draft: { ...draft, title: "a\u0000b\ud800c" } });
    expect(saved.title).toBe("ab\ufffdc");
  });
});

describe("two people at one problem", () => {
  test("the later save is refused, and both texts are there", async () => {
    const { id } = await create();
    const save = (title: string) =>
      browser
        .put(`/api/problems/${id}`)
        .set("If-Match", '"1"')
        .send({ draft: { ...draft, title } });
    await save("first").expect(200);
    const refused = await save("second")
      .expect(412)
      .expect("Content-Type", /problem\+json/);
    const details = refused.body as ProblemDetails;
    expect(details.code).toBe("saved-elsewhere");
    expect(details["current"]).toMatchObject({ version: 2, title: "first" });
  });

  test("of many saves at once exactly one wins", async () => {
    const { id } = await create();
    const replies = await Promise.all(
      Array.from({ length: 8 }, (_, index) =>
        browser
          .put(`/api/problems/${id}`)
          .set("If-Match", '"1"')
          .send({ draft: { ...draft, title: `writer ${index}` } }),
      ),
    );
    const statuses = replies.map(({ status }) => status).sort((one, other) => one - other);
    expect(statuses).toEqual([200, ...Array<number>(7).fill(412)]);
  });

  test.each([
    [undefined, 428, "version-missing"],
    ["*", 412, "saved-elsewhere"],
    ["W/weak", 412, "saved-elsewhere"],
  ])("If-Match %p is answered by %i", async (header, status, code) => {
    const { id } = await create();
    const put = browser.put(`/api/problems/${id}`).send({ draft });
    const reply = await (header === undefined ? put : put.set("If-Match", header));
    expect([reply.status, (reply.body as ProblemDetails).code]).toEqual([status, code]);
  });
});

describe("workspaces", () => {
  test("a new browser gets a secret that no script of a page can read", async () => {
    const reply = await browser.get("/api/problems").expect(200);
    const [cookie] = reply.get("Set-Cookie") ?? [];
    expect(cookie).toMatch(/^kestrelmoor_workspace=[\w-]{43};/);
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Lax/);
  });

  test("no browser reaches another's rows, by any call", async () => {
    const { id } = await create();
    const stranger = browserOf(served);
    await list(stranger);
    const attempts = await Promise.all([
      stranger.get(`/api/problems/${id}`),
      stranger.put(`/api/problems/${id}`).set("If-Match", '"1"').send({ draft }),
      stranger.delete(`/api/problems/${id}`),
      stranger.post(`/api/problems/${id}/restore`),
    ]);
    expect(attempts.map(({ status }) => status)).toEqual([404, 404, 404, 404]);
    expect((await list(stranger)).items.map((item) => item.id)).not.toContain(id);
    await browser.get(`/api/problems/${id}`).expect(200).expect("ETag", '"1"');
  });

  test("a browser without a workspace is told nothing, and gets none by asking for one row", async () => {
    const { id } = await create();
    const nobody = browserOf(served);
    const reply = await nobody.get(`/api/problems/${id}`).expect(404);
    expect(reply.get("Set-Cookie")).toBeUndefined();
  });

  test.each(["A".repeat(43), "A".repeat(44), "'; drop table problems; --", ""])(
    "the forged secret %j opens nothing",
    async (secret) => {
      await create();
      const cookie = `kestrelmoor_workspace=${encodeURIComponent(secret)}`;
      const reply = await browserOf(served).get("/api/problems").set("Cookie", cookie).expect(200);
      expect((reply.body as ProblemList).total).toBe(0);
    },
  );

  test("another site's page changes nothing", async () => {
    await browser
      .post("/api/problems")
      .set("Sec-Fetch-Site", "cross-site")
      .send({ draft })
      .expect(403);
    await browser.post("/api/problems").type("form").send({ draft: "x" }).expect(415);
  });
});

describe("a new browser", () => {
  let withDemo: TestApp;
  let guest: Browser;
  beforeAll(async () => {
    withDemo = await createTestApp();
    await loadDemo(withDemo.connection.database, DEMO);
  });
  afterAll(() => withDemo.close());
  beforeEach(() => {
    guest = browserOf(withDemo);
  });

  const rowsKept = async () => {
    const { database } = withDemo.connection;
    return (await database.$count(problems)) + (await database.$count(workspaces));
  };
  const put = (of: Browser, id: string, title: string) =>
    of
      .put(`/api/problems/${id}`)
      .set("If-Match", '"1"')
      .send({ draft: { ...draft, title } });

  test("sees the demo notebook, and nothing is written however often it looks", async () => {
    expect(await loadDemo(withDemo.connection.database, DEMO)).toBe(false);
    const before = await rowsKept();
    const { items, total } = await list(guest);
    expect(total).toBeGreaterThanOrEqual(6);
    expect(items[0]?.title).toBe("Extractor fund");
    const [workshop] = (await list(guest, "?search=wax workshop")).items;
    const { body } = await guest.get(`/api/problems/${workshop?.id ?? ""}`).expect(200);
    expect((body as SavedProblem).draft.appraisal.others[0]?.name).toBe("Candle room");
    await guest
      .get(`/api/problems/${items[0]?.id ?? ""}`)
      .expect(200)
      .expect("ETag", '"1"');
    for (let count = 0; count < 20; count += 1) await list(browserOf(withDemo));
    expect(await rowsKept()).toBe(before);
  });

  test("has a row of its own for what it changes, under the same address", async () => {
    const { items, total } = await list(guest);
    const id = items[3]?.id ?? "";
    const before = await rowsKept();
    const saved = (await put(guest, id, "Mine").expect(200)).body as SavedProblem;
    expect(saved).toMatchObject({ id, version: 2, title: "Mine" });
    // One workspace and one problem.
    expect(await rowsKept()).toBe(before + 2);
    const mine = await list(guest);
    expect(mine.total).toBe(total);
    expect(mine.items[0]).toMatchObject({ id, title: "Mine" });
    expect((await list(guest, "?search=mine")).total).toBe(1);
    await put(guest, id, "Too late").expect(412);
    expect((await list(browserOf(withDemo))).items[3]?.title).toBe(items[3]?.title);
  });

  test("bins a demo problem for itself alone, and has it back where it was", async () => {
    const { items, total } = await list(guest);
    const id = items[2]?.id ?? "";
    await guest.delete(`/api/problems/${id}`).expect(204);
    await guest.delete(`/api/problems/${id}`).expect(404);
    await guest.get(`/api/problems/${id}`).expect(404);
    expect((await list(guest)).total).toBe(total - 1);
    expect((await list(browserOf(withDemo))).total).toBe(total);
    await guest.post(`/api/problems/${id}/restore`).expect(200);
    expect((await list(guest)).items.map((item) => item.id)).toEqual(items.map((item) => item.id));
  });

  test("keeps a demo problem away after the bin was emptied", async () => {
    const { items, total } = await list(guest);
    await guest.delete(`/api/problems/${items[0]?.id ?? ""}`).expect(204);
    await guest.delete("/api/problems/bin").expect(204);
    const { body } = await guest.get("/api/problems/bin").expect(200);
    expect((body as BinReply).items).toEqual([]);
    expect((await list(guest)).total).toBe(total - 1);
    await guest.post(`/api/problems/${items[0]?.id ?? ""}/restore`).expect(404);
  });

  test("has one workspace, also if two windows change something at once", async () => {
    const { items } = await list(guest);
    const [one = "", other = ""] = items.map(({ id }) => id);
    const replies = await Promise.all([put(guest, one, "One"), put(guest, other, "Other")]);
    expect(replies.map(({ status }) => status)).toEqual([200, 200]);
    expect(
      (await list(guest)).items
        .slice(0, 2)
        .map(({ title }) => title)
        .sort(),
    ).toEqual(["One", "Other"]);
    const twice = await Promise.all([
      put(guest, items[5]?.id ?? "", "A"),
      put(guest, items[5]?.id ?? "", "B"),
    ]);
    expect(twice.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  test.each([
    ["a link on another site", { "Sec-Fetch-Site": "cross-site", "Sec-Fetch-Mode": "navigate" }],
    ["an address that somebody types", { "Sec-Fetch-Site": "none", "Sec-Fetch-Mode": "navigate" }],
    ["a picture on another site", { "Sec-Fetch-Site": "cross-site", "Sec-Fetch-Mode": "no-cors" }],
  ])("%s takes no notebook away", async (_, headers) => {
    await put(guest, (await list(guest)).items[0]?.id ?? "", "Mine").expect(200);
    // The browser has sent no cookie along: an answer with a new one would take its place.
    const reply = await browserOf(withDemo).get("/api/problems").set(headers).expect(200);
    expect(reply.get("Set-Cookie")).toBeUndefined();
    expect((await list(guest)).items[0]?.title).toBe("Mine");
  });

  test("that came when notebooks were copies sees its copies alone", async () => {
    const { items } = await list(guest);
    await put(guest, items[0]?.id ?? "", "My copy").expect(200);
    const { database } = withDemo.connection;
    const [row] = await database.select().from(problems).where(eq(problems.title, "My copy"));
    const own = eq(workspaces.id, row?.workspaceId ?? "");
    await database.update(workspaces).set({ showsDemo: false }).where(own);
    expect((await list(guest)).items.map(({ title }) => title)).toEqual(["My copy"]);
    await guest.get(`/api/problems/${items[1]?.id ?? ""}`).expect(404);
    await put(guest, items[1]?.id ?? "", "Not mine").expect(404);
  });

  test("a change of what is not there makes no workspace", async () => {
    const before = await rowsKept();
    const id = "11111111-1111-4111-8111-111111111111";
    const reply = await put(guest, id, "Nothing").expect(404);
    expect(reply.get("Set-Cookie")).toBeUndefined();
    await guest.delete(`/api/problems/${id}`).expect(404);
    await guest.post(`/api/problems/${id}/restore`).expect(404);
    expect(await rowsKept()).toBe(before);
  });
});

describe("the list", () => {
  test("is paged, latest first, and searched by the words of title and question", async () => {
    for (const title of ["Hive one", "Hive two", "100% wax"]) {
      await create({ draft: { ...draft, title, question: title === "Hive two" ? "Why?" : "" } });
    }
    const titles = async (query: string) =>
      (await list(browser, query)).items.map((item) => item.title);
    expect(await titles("")).toEqual(["100% wax", "Hive two", "Hive one"]);
    expect(await titles("?pageSize=2&page=2")).toEqual(["Hive one"]);
    expect(await titles("?search=hive")).toEqual(["Hive two", "Hive one"]);
    expect(await titles("?search=why")).toEqual(["Hive two"]);
    expect(await titles("?search=%25")).toEqual(["100% wax"]);
    expect(await titles("?search=_")).toEqual([]);
  });

  test.each(["?page=0", "?page=x", "?pageSize=1000", "?search=a&search=b"])(
    "%s is refused with a sentence",
    async (query) => {
      const { body } = await browser.get(`/api/problems${query}`).expect(422);
      expect((body as ProblemDetails).code).toBe("request-invalid");
    },
  );
});

describe("the bin", () => {
  test("takes a problem out of the list, and gives it back as it was", async () => {
    const { id } = await create();
    await browser.delete(`/api/problems/${id}`).expect(204);
    await browser.get(`/api/problems/${id}`).expect(404);
    await browser.delete(`/api/problems/${id}`).expect(404);
    expect((await list(browser)).total).toBe(0);
    await browser.post(`/api/problems/${id}/restore`).expect(200);
    const { body } = await browser.get(`/api/problems/${id}`).expect(200);
    expect((body as SavedProblem).draft).toEqual(draft);
  });

  const bin = async (of: Browser) =>
    ((await of.get("/api/problems/bin").expect(200)).body as BinReply).items;

  test("shows what can be restored, latest first, and is nobody else's", async () => {
    const [first, second] = [await create(), await create({ problem })];
    await browser.delete(`/api/problems/${first.id}`).expect(204);
    await browser.delete(`/api/problems/${second.id}`).expect(204);
    const items = await bin(browser);
    expect(items.map(({ title }) => title)).toEqual(["Veil", "Smoker and veil"]);
    expect(items[0]?.deletedAt).not.toBeNull();
    expect(await bin(browserOf(served))).toEqual([]);
  });

  test("is emptied for good, and nothing else with it", async () => {
    const [kept, gone] = [await create(), await create({ problem })];
    await browser.delete(`/api/problems/${gone.id}`).expect(204);
    await browserOf(served).delete("/api/problems/bin").expect(204);
    expect(await bin(browser)).toHaveLength(1);
    await browser.delete("/api/problems/bin").expect(204);
    expect(await bin(browser)).toEqual([]);
    await browser.post(`/api/problems/${gone.id}/restore`).expect(404);
    expect((await list(browser)).items.map(({ id }) => id)).toEqual([kept.id]);
  });
});

describe("bad input", () => {
  test.each([
    ["nothing", {}, "request-invalid"],
    ["both", { draft, problem }, "request-invalid"],
    ["a list", [], "request-invalid"],
    ["a draft of another format", { draft: { format: "x" } }, "problem-invalid"],
    ["a draft from the future", { draft: { ...draft, version: 99 } }, "problem-invalid"],
    ["a file from the future", { problem: { ...problem, version: 99 } }, "problem-invalid"],
    ["a draft with a number", { draft: { ...draft, title: 7 } }, "problem-invalid"],
    [
      "a question too long",
      { draft: { ...draft, question: "x".repeat(20_001) } },
      "problem-invalid",
    ],
  ])("%s is refused by 422", async (_, body, code) => {
    const reply = await browser.post("/api/problems").send(body).expect(422);
    expect(reply.type).toBe("application/problem+json");
    expect((reply.body as ProblemDetails).code).toBe(code);
    expect((reply.body as ProblemDetails).detail).toMatch(/[.?]$/);
  });

  test("a question of 20,000 characters is kept whole", async () => {
    const question = "x".repeat(20_000);
    expect((await create({ draft: { ...draft, question } })).draft.question).toBe(question);
  });

  test.each(["not-an-id", "%E0%A4%A", "0", "..%2f"])("the id %s finds nothing", async (id) => {
    const { status } = await browser.get(`/api/problems/${id}`);
    expect([400, 404]).toContain(status);
  });
});
