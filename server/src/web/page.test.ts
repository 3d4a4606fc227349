import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import { afterAll, beforeAll, expect, test } from "@jest/globals";
import type { ProblemDetails } from "@kestrelmoor/contract";
import request from "supertest";
import { createTestApp, type TestApp } from "../../test/test-app";
import { pageRoutes } from "./page";

const SCRIPT = "export const sky = 'wide';";
const MANIFEST = {
  "index.html": { file: "assets/a.js", isEntry: true, imports: ["_react.js"] },
  "_react.js": { file: "assets/react.js" },
  "_field.js": { file: "assets/field.js", imports: ["_react.js"], css: ["assets/field.css"] },
  "src/problem/ProblemPage.tsx": { file: "assets/problem.js", imports: ["_field.js", "_react.js"] },
};
const folder = mkdtempSync(join(tmpdir(), "kestrelmoor-page-"));
let served: TestApp;

beforeAll(async () => {
  mkdirSync(join(folder, "assets"));
  mkdirSync(join(folder, ".vite"));
  writeFileSync(join(folder, ".vite", "manifest.json"), JSON.stringify(MANIFEST));
  writeFileSync(
    join(folder, "index.html"),
    '<head><script nonce="__CSP_NONCE__" src="/a.js"></script></head>',
  );
  writeFileSync(join(folder, "assets", "page-1a2b.js"), SCRIPT);
  writeFileSync(join(folder, "assets", "page-1a2b.js.br"), brotliCompressSync(SCRIPT));
  writeFileSync(join(folder, "assets", "page-1a2b.js.gz"), gzipSync(SCRIPT));
  writeFileSync(join(folder, "assets", "old-3c4d.js"), SCRIPT);
  served = await createTestApp({ page: await pageRoutes(folder) });
});
afterAll(async () => {
  await served.close();
  rmSync(folder, { recursive: true });
});

test.each(["/", "/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d", "/nowhere"])(
  "%s is the page, with the nonce that its policy names, and kept by no cache",
  async (address) => {
    const { text, headers } = await request(served.app).get(address).accept("html").expect(200);
    const nonce = /nonce="([^"]+)"/.exec(text)?.[1] ?? "";
    expect(nonce.length).toBeGreaterThan(20);
    expect(headers["content-security-policy"]).toContain(`'nonce-${nonce}'`);
    expect(headers["cache-control"]).toBe("no-store");
  },
);

test("a browser is told at once what a place needs beside the page, and of nothing twice", async () => {
  const told = async (address: string) => {
    const { text } = await request(served.app).get(address).accept("html").expect(200);
    return [...text.matchAll(/<link rel="([a-z]+)"[^>]* href="([^"]+)"/g)].map(
      ([, kind, file]) => `${kind} ${file}`,
    );
  };
  expect(await told("/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d")).toEqual([
    "preload /api/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d",
    "modulepreload /assets/problem.js",
    "modulepreload /assets/field.js",
    "preload /assets/field.css",
  ]);
  expect(await told("/problems/%22%3E")).not.toContain("preload /api/problems/%22%3E");
  expect(await told("/nowhere")).toEqual([]);
});

test("a hashed file is kept for ever", async () => {
  const { headers } = await request(served.app).get("/assets/page-1a2b.js").expect(200);
  expect(headers["cache-control"]).toMatch(/immutable/);
});

test.each([
  ["br, gzip", "br"],
  ["gzip", "gzip"],
  ["identity", undefined],
])("a browser that takes %s gets the file as %s", async (accepted, encoding) => {
  const { headers, status } = await request(served.app)
    .get("/assets/page-1a2b.js")
    .set("Accept-Encoding", accepted);
  expect([status, headers["content-encoding"]]).toEqual([200, encoding]);
  expect(headers["content-type"]).toMatch(/javascript/);
  expect(headers["vary"]).toMatch(/Accept-Encoding/i);
});

test.each([
  ["/assets/gone.js", 404, "not-found"],
  ["/assets/..%2f..%2fpackage.json", 404, "not-found"],
  ["/assets/../../package.json", 404, "not-found"],
  ["/assets/", 404, "not-found"],
])("%s is refused by %i", async (address, status, code) => {
  const { body } = await request(served.app).get(address).expect(status);
  expect((body as ProblemDetails).code).toBe(code);
});

test("a file that a newer build has taken away ends its answer, and not the server", async () => {
  rmSync(join(folder, "assets", "old-3c4d.js"));
  await expect(request(served.app).get("/assets/old-3c4d.js")).rejects.toThrow();
  await request(served.app).get("/assets/page-1a2b.js").expect(200);
});

test("an address of the interface is never the page", async () => {
  await request(served.app)
    .get("/api/nowhere")
    .accept("html")
    .expect(404)
    .expect(/not-found/);
});
