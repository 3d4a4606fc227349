import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import { routes, type ProblemDetails } from "@kestrelmoor/contract";
import { SHAPES } from "@kestrelmoor/core/typing";
import request from "supertest";
import { pausableProxy } from "../test/pausable-proxy";
import { routesOf } from "../test/routes-of";
import { appOver, browserOf, createTestApp, type TestApp } from "../test/test-app";
import { connect } from "./db/database";
import { LIMIT_SIZES, type LimitSizes } from "./limits/limits";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

describe("the interface and its document", () => {
  test("the calls that are served are those that the document names", () => {
    const named = routes.map(({ method, path }) => `${method} ${path}`);
    const ofInterface = routesOf(() => appOver(served.connection))
      .filter((call) => call.includes(" /api/"))
      .map((call) => call.replace(/:(\w+)/g, "{$1}"));
    expect(ofInterface.length).toBeGreaterThan(20);
    expect([...new Set(ofInterface)].sort()).toEqual(named.sort());
  });

  test("the document is OpenAPI 3.1 and every reference in it leads somewhere", async () => {
    const { body } = await request(served.app).get("/api/openapi.json").expect(200);
    const { openapi, components } = body as {
      openapi: string;
      components: { schemas: Record<string, unknown> };
    };
    expect(openapi).toBe("3.1.0");
    const references = [...JSON.stringify(body).matchAll(/"#\/components\/schemas\/([^"]+)"/g)];
    expect(references.length).toBeGreaterThan(10);
    for (const [, name = ""] of references) expect(components.schemas).toHaveProperty(name);
  });

  test("what is not there is said as problem details", async () => {
    const { body } = await request(served.app)
      .get("/api/nowhere")
      .expect(404)
      .expect("Content-Type", /application\/problem\+json/);
    expect(body).toMatchObject({ status: 404, code: "not-found", title: "Not Found" });
  });
});

describe("headers", () => {
  test("the policy lets nothing run that the server did not send", async () => {
    const { headers } = await request(served.app).get("/");
    const policy = String(headers["content-security-policy"]);
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+'/);
    expect(policy).toMatch(/style-src 'self' 'nonce-[\w+/=]+'/);
    expect(policy).not.toMatch(/unsafe/);
    expect(headers["x-content-type-options"]).toBe("nosniff");
    expect(headers["x-powered-by"]).toBeUndefined();
  });

  test("answers of the interface run nothing at all, and are not kept", async () => {
    const { headers } = await request(served.app).get("/api/health");
    expect(headers["content-security-policy"]).toBe("default-src 'none'; frame-ancestors 'none'");
    expect(headers["x-content-type-options"]).toBe("nosniff");
    expect(headers["cache-control"]).toBe("no-store");
  });

  test("each page has its own nonce", async () => {
    const nonce = async () =>
      /nonce-([^']+)/.exec(
        String((await request(served.app).get("/")).headers["content-security-policy"]),
      )?.[1];
    expect(await nonce()).not.toBe(await nonce());
  });
});

describe("the log", () => {
  test("says what was asked, never what was in it", async () => {
    const browser = browserOf(served);
    await browser.get("/api/problems?search=secret-words");
    await browser.post("/api/problems").send({ draft: "secret-body" });
    const log = served.log.join("");
    expect(log).toContain('"path":"/api/problems"');
    expect(log).not.toMatch(/secret-words|secret-body|kestrelmoor_workspace/);
  });
});

describe("limits", () => {
  const draft = SHAPES[0]?.picture();
  const save = (browser: ReturnType<typeof browserOf>) =>
    browser.post("/api/problems").send({ draft });

  async function limited(
    limits: Partial<LimitSizes>,
    then: (app: TestApp) => Promise<void>,
  ): Promise<void> {
    const small = await createTestApp({ limits: { ...LIMIT_SIZES, ...limits } });
    try {
      await then(small);
    } finally {
      await small.close();
    }
  }

  test("too many calls of one browser are told to wait, and nobody else", () =>
    limited({ callsOfWorkspace: 2 }, async (small) => {
      const browser = browserOf(small);
      await browser.get("/api/problems").expect(200);
      await browser.get("/api/problems").expect(200);
      await browser.get("/api/problems").expect(200);
      const { body, headers } = await browser.get("/api/problems").expect(429);
      expect((body as ProblemDetails).code).toBe("too-many-requests");
      expect((body as ProblemDetails).detail).toMatch(/Try again in \d+ seconds\.$/);
      expect(Number(headers["retry-after"])).toBeGreaterThan(0);
      await browserOf(small).get("/api/problems").expect(200);
    }));

  test("an address has a limit for everybody behind it", () =>
    limited({ callsOfAddress: 2, calculations: 1 }, async (small) => {
      await browserOf(small).get("/api/problems").expect(200);
      await browserOf(small).get("/api/problems").expect(200);
      await browserOf(small).get("/api/problems").expect(429);
      await browserOf(small).get("/api/health").expect(200);
      // Calculations have a limit of their own.
      await browserOf(small).post("/api/solve").send({}).expect(422);
      await browserOf(small).post("/api/solve").send({}).expect(429);
    }));

  test("saves are counted by all copies together", () =>
    limited({ keptByWorkspace: 3 }, async (small) => {
      const copy = appOver(small.connection, { limits: { ...LIMIT_SIZES, keptByWorkspace: 3 } });
      const browser = browserOf(small);
      const { headers } = await browser.get("/api/problems").expect(200);
      const cookie = String((headers["set-cookie"] as unknown as string[])[0]).split(";")[0] ?? "";
      const saveAt = (app: TestApp["app"]) =>
        request(app).post("/api/problems").set("Cookie", cookie).send({ draft });
      await saveAt(small.app).expect(201);
      await saveAt(copy).expect(201);
      await saveAt(small.app).expect(201);
      await saveAt(copy).expect(429);
      await saveAt(small.app).expect(429);
      await save(browserOf(small)).expect(201);
      // Reading goes on.
      await request(copy).get("/api/problems").set("Cookie", cookie).expect(200);
    }));

  test("workspaces are not made without an end", () =>
    limited({ workspacesOfAddress: 2 }, async (small) => {
      await save(browserOf(small)).expect(201);
      const second = browserOf(small);
      await save(second).expect(201);
      await save(browserOf(small)).expect(429);
      await save(second).expect(201);
    }));
});

describe("a database that is away", () => {
  test("is said as 503, and the next call after its return is served", async () => {
    const proxy = await pausableProxy(served.url);
    const connection = connect(proxy.url, () => undefined);
    const browser = browserOf({ app: appOver(connection) });
    await browser.get("/api/problems").expect(200);

    await proxy.close();
    const { body, headers } = await browser.get("/api/problems").expect(503);
    expect((body as ProblemDetails).code).toBe("database-unavailable");
    expect(headers["retry-after"]).toBe("2");
    await browser.get("/api/health").expect(503, { status: "degraded", database: "unavailable" });
    // Calculation needs no database.
    await browser.post("/api/solve").send({}).expect(422);

    await proxy.open();
    await browser.get("/api/problems").expect(200);
    await browser.get("/api/health").expect(200, { status: "ok", database: "ok" });
    await connection.close();
    await proxy.close();
  });
});
