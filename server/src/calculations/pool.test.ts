import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import { existsSync } from "node:fs";
import { join } from "node:path";
import type { ProblemDetails } from "@kestrelmoor/contract";
import request from "supertest";
import { HEAVY, heavy } from "../../test/heavy-bodies";
import { createTestApp, type TestApp } from "../../test/test-app";
import type { Calculator } from "./calculator";
import { createPool } from "./pool";

/** Threads run what is built. */
const FILE = join(__dirname, "../../dist/calculator.js");

const workings = heavy("workings of sixty questions");
const tooLong = JSON.stringify(workings.body);

/** With so little patience a long calculation never ends, on however fast a machine. */
let hasty: Calculator;
let patient: Calculator;
let served: TestApp;
beforeAll(async () => {
  if (!existsSync(FILE)) throw new Error("Build the server first: npm run build");
  hasty = createPool({ file: FILE, threads: 2, deadline: 30 });
  patient = createPool({ file: FILE, threads: 2, deadline: 60_000, longestWait: 60_000 });
  served = await createTestApp({ calculator: hasty });
});
afterAll(async () => {
  await served.close();
  await Promise.all([hasty.close(), patient.close()]);
});

describe("a calculation in another thread", () => {
  test("answers as in place", async () => {
    const { body } = heavy("a double root");
    const there = await patient.calculate("/solve", JSON.stringify(body));
    const here = await createTestApp();
    try {
      const { text, status, headers } = await request(here.app).post("/api/solve").send(body);
      expect({ text, status }).toEqual({ text: there.text, status: there.status });
      expect(headers["content-type"]).toContain("application/json");
    } finally {
      await here.close();
    }
  });

  test("says what is wrong with a body", async () => {
    expect(await patient.calculate("/solve", "{")).toMatchObject({ status: 400 });
    expect(await patient.calculate("/mark", "{}")).toMatchObject({ status: 422 });
  });

  test.each(Object.keys(HEAVY))("%s has an answer, or a sentence", async (title) => {
    const { name, body } = heavy(title);
    const { status } = await patient.calculate(name, JSON.stringify(body));
    expect([200, 422]).toContain(status);
  });
});

describe("one that takes too long", () => {
  test("is refused, its thread replaced, and the next one answered", async () => {
    const late = await Promise.allSettled(
      Array.from({ length: 3 }, () => hasty.calculate(workings.name, tooLong)),
    );
    for (const one of late) {
      expect(one).toMatchObject({
        status: "rejected",
        reason: { status: 503, code: "too-much-work" },
      });
    }
    // A fresh thread may need longer than that for anything, on a slow machine.
    let next: { status: number } | null = null;
    while (next === null) next = await hasty.calculate("/rates/convert", "{}").catch(() => null);
    expect(next).toMatchObject({ status: 422 });
  });

  test("does not hold up anybody else", async () => {
    const [refused] = await Promise.all([
      request(served.app).post("/api/workings").send(workings.body).expect(503),
      request(served.app).get("/api/health").expect(200),
      request(served.app).post("/api/solve").send({}).expect(422),
    ]);
    expect(refused.body as ProblemDetails).toMatchObject({
      code: "too-much-work",
      detail: "The calculation takes longer than 0.03 seconds. Send a smaller problem.",
    });
    expect(refused.headers["retry-after"]).toBe("2");
  });
});

test("when very many wait, one more is told to try again", async () => {
  const small = createPool({ file: FILE, threads: 1, mostWaiting: 2 });
  try {
    const asked = await Promise.allSettled(
      Array.from({ length: 6 }, () => small.calculate("/rates/convert", "{}")),
    );
    const refused = asked.filter(({ status }) => status === "rejected");
    expect(refused).toHaveLength(3);
    for (const one of refused) {
      expect(one).toMatchObject({
        reason: { message: "Too many calculations are waiting. Try again in a moment." },
      });
    }
  } finally {
    await small.close();
  }
});
