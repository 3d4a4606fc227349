import { expect, test } from "@playwright/test";
import { readFileSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import { faultOf, hostileRequest, seeded } from "../../server/test/hostile-requests";
import { HEAVY } from "../../server/test/heavy-bodies";
import { report } from "../bench/report";
import { Application } from "../support/application";

const REQUESTS = Number(process.env["SOAK_REQUESTS"] ?? 50_000);
const SEED = Number(process.env["SOAK_SEED"] ?? 1);
const AT_ONCE = 4;
const LONGEST_MS = 3000;

/** The memory of a process, in megabytes. */
function memoryOf(pid: number): number {
  const [, kilobytes = "0"] =
    /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8")) ?? [];
  return Number(kilobytes) / 1024;
}

/** Asks for its health again and again; gives the longest that it took, in milliseconds. */
function watchHealth(url: string): () => Promise<number> {
  let longest = 0;
  const state = { isOver: false };
  const watching = (async () => {
    while (!state.isOver) {
      const began = performance.now();
      await fetch(`${url}/api/health`).then((reply) => reply.text());
      longest = Math.max(longest, performance.now() - began);
      await pause(20);
    }
  })();
  return async () => {
    state.isOver = true;
    await watching;
    return longest;
  };
}

test("while any heavy body is calculated the server answers others", async () => {
  const application = await Application.create();
  try {
    await fetch(`${application.url}/api/health`);
    for (const [title, [name, body]] of Object.entries(HEAVY)) {
      const endWatch = watchHealth(application.url);
      const began = performance.now();
      const { status } = await fetch(`${application.url}/api${name}`, {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify(body),
      });
      const took = performance.now() - began;
      const health = await endWatch();
      report(title, `${status} after ${took.toFixed(0)} ms; health within ${health.toFixed(0)} ms`);
      expect(took).toBeLessThan(LONGEST_MS);
    }
  } finally {
    await application.remove();
  }
});

test(`${REQUESTS} hostile requests`, async () => {
  const application = await Application.create();
  const random = seeded(SEED);
  const faults: string[] = [];
  let [sent, longest, refused] = [0, 0, 0];
  const memory: number[] = [];
  let cookie = "";
  const send = async () => {
    while (sent < REQUESTS) {
      sent += 1;
      if (sent % Math.ceil(REQUESTS / 20) === 0) memory.push(memoryOf(application.pid));
      const { method, path, text } = hostileRequest(random);
      const began = performance.now();
      const reply = await fetch(`${application.url}${path}`, {
        method: method.toUpperCase(),
        headers: { "Content-Type": "application/json", Cookie: cookie },
        ...(method === "get" ? {} : { body: text }),
      });
      const answer = await reply.text();
      cookie = reply.headers.getSetCookie()[0]?.split(";")[0] ?? cookie;
      longest = Math.max(longest, performance.now() - began);
      if (reply.status === 503) refused += 1;
      const fault = faultOf(reply.status, answer);
      if (fault !== null) faults.push(`${method} ${path} ${text.slice(0, 400)} → ${fault}`);
    }
  };
  try {
    const endWatch = watchHealth(application.url);
    await Promise.all(Array.from({ length: AT_ONCE }, send));
    const health = await endWatch();
    report("hostile requests", `${sent} with seed ${SEED}`);
    report("  too much work", refused);
    report("  other 5xx, or a stack", faults.length);
    report("  longest", `${longest.toFixed(0)} ms`);
    report("  health within", `${health.toFixed(0)} ms`);
    report("  memory over time", `${memory.map((size) => size.toFixed(0)).join(" ")} MB`);
    expect(faults).toEqual([]);
    const list = await fetch(`${application.url}/api/problems`, { headers: { Cookie: cookie } });
    expect(list.status).toBe(200);
  } finally {
    await application.remove();
  }
});
