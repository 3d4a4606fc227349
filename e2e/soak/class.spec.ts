import { SHAPES } from "@kestrelmoor/core/typing";
import { expect, test } from "@playwright/test";
import { readFileSync } from "node:fs";
import { Agent, get } from "node:http";
import { join } from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { report } from "../bench/report";
import { Student, type Call } from "../support/student";
import { TwoCopies } from "../support/two-copies";

const SECONDS = Number(process.env["SOAK_SECONDS"] ?? 60);

const problems = JSON.parse(
  readFileSync(join(import.meta.dirname, "../../core/reference/problems.json"), "utf8"),
) as readonly { readonly problem: object }[];

function percentile(calls: readonly Call[], share: number): number {
  const sorted = calls.map(({ took }) => took).sort((one, other) => one - other);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;
}

/**
 * A class that works: each student types, which saves every two or three seconds; now and then somebody's script solves,
 * and an answer is marked.
 */
async function work(both: TwoCopies, count: number, seconds: number): Promise<Call[]> {
  const calls: Call[] = [];
  const draft = SHAPES[3]?.picture() ?? {};
  const students = Array.from(
    { length: count },
    (_, index) => new Student(both.url, `Student ${index}`, draft, (call) => calls.push(call)),
  );
  await Promise.all(students.map((student) => student.begin()));
  calls.length = 0;
  const end = performance.now() + seconds * 1000;
  await Promise.all(
    students.map(async (student, index) => {
      await pause(Math.random() * 2500);
      for (let turn = 0; performance.now() < end; turn += 1) {
        const { problem } = problems[(index * 7 + turn) % problems.length] ?? { problem: {} };
        await student.save();
        if ((turn + index) % 3 === 0) await student.solve(problem);
        if ((turn + index) % 8 === 0) await student.mark(problem);
        await pause(2000 + Math.random() * 1000);
      }
    }),
  );
  for (const student of students) expect(await student.stored()).toBe(student.acknowledged);
  return calls;
}

test("a class of three hundred behind one address", async () => {
  const both = await TwoCopies.create();
  try {
    const few = await work(both, 20, Math.max(5, SECONDS / 3));
    const many = await work(both, 300, SECONDS);
    const kinds = ["save", "solve", "mark"] as const;
    report("300 students, one address, two copies", `${many.length} calls in ${SECONDS} s`);
    const failed = many.filter(({ status }) => status === 429 || status === 0 || status >= 500);
    report("  errors and 429", failed.length);
    for (const kind of new Set(failed.map(({ what, status }) => `${what}: ${status}`))) {
      report("    of these", kind);
    }
    for (const kind of kinds) {
      const of = (calls: readonly Call[]) => calls.filter(({ what }) => what === kind);
      const [alone, together] = [percentile(of(few), 0.99), percentile(of(many), 0.99)];
      report(
        `  p99 of ${kind}`,
        `${together.toFixed(0)} ms, ${(together / alone).toFixed(1)} times that of 20 students (${alone.toFixed(0)} ms); median ${percentile(of(many), 0.5).toFixed(0)} ms`,
      );
    }
    expect(failed).toEqual([]);
  } finally {
    await both.remove();
  }
});

/** Reads an answer as it comes: a client that unpacks two hundred pages measures itself. */
function read(url: string, agent: Agent): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    get(url, { agent, headers: { "Accept-Encoding": "br, gzip" } }, (reply) => {
      const chunks: Buffer[] = [];
      reply.on("data", (chunk: Buffer) => chunks.push(chunk));
      reply.on("end", () => resolve(Buffer.concat(chunks)));
    }).on("error", reject);
  });
}

test("two hundred open the page at once", async () => {
  const both = await TwoCopies.create();
  try {
    const page = await (await fetch(both.url)).text();
    const assets = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+)"/g)].map(([, path]) => path);
    const took: number[] = [];
    const open = async () => {
      // As many connections as a browser opens.
      const agent = new Agent({ keepAlive: true, maxSockets: 6 });
      const began = performance.now();
      await read(both.url, agent);
      const parts = [...assets, "/api/problems"].map((path) =>
        read(`${both.url}${path ?? ""}`, agent),
      );
      await Promise.all(parts);
      took.push(performance.now() - began);
      agent.destroy();
    };
    await open();
    took.length = 0;
    await Promise.all(Array.from({ length: 200 }, open));
    const sorted = took.sort((one, other) => one - other);
    report("opening the page, 200 at once: p95", `${(sorted[189] ?? 0).toFixed(0)} ms`);
    report("  files of a page", assets.length + 2);
  } finally {
    await both.remove();
  }
});
