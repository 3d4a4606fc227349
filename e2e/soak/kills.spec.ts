import { SHAPES } from "@kestrelmoor/core/typing";
import { expect, test } from "@playwright/test";
import { readFileSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import { report } from "../bench/report";
import { Application } from "../support/application";
import { databasePid, killDatabase } from "../support/database-process";
import { Student } from "../support/student";

const KILLS = 60;
const BACK_WITHIN_MS = 10_000;

/** One of the server's children that serve connections, as `pg_stat_activity` would name it. */
function backendsOf(dataFolder: string): number[] {
  const pid = databasePid(dataFolder);
  const children = readFileSync(`/proc/${pid}/task/${pid}/children`, "utf8").trim().split(" ");
  return children
    .map(Number)
    .filter((child) => readFileSync(`/proc/${child}/cmdline`, "utf8").includes("kestrelmoor 127"));
}

test(`${KILLS} kills during saves lose no save that was acknowledged`, async () => {
  const application = await Application.create();
  const draft = SHAPES[0]?.picture() ?? {};
  const students = Array.from(
    { length: 6 },
    (_, index) => new Student(application.url, `Student ${index}`, draft),
  );
  let isOver = false;
  let lost = 0;
  let slowest = 0;
  try {
    await Promise.all(students.map((student) => student.begin()));
    const writing = students.map(async (student) => {
      while (!isOver) {
        await student.save();
        await pause(20);
      }
    });
    for (let kill = 0; kill < KILLS; kill += 1) {
      await pause(300 + Math.random() * 700);
      const how = kill % 4;
      const { dataFolder } = application;
      if (how === 0) await application.stop("SIGKILL");
      else if (how === 1) killDatabase(dataFolder);
      else if (how === 2) {
        killDatabase(dataFolder);
        await application.stop("SIGKILL");
      } else {
        const [backend] = backendsOf(dataFolder);
        if (backend !== undefined) process.kill(backend, "SIGKILL");
      }
      const began = performance.now();
      if (how === 0 || how === 2) await application.start();
      for (;;) {
        const status = await fetch(`${application.url}/api/health`).then(
          (reply) => reply.status,
          () => 0,
        );
        if (status === 200) break;
        await pause(50);
      }
      slowest = Math.max(slowest, performance.now() - began);
      for (const student of students) {
        const { acknowledged } = student;
        const number = (title: string) => Number(/\d+$/.exec(title)?.[0]);
        if (number(await student.stored()) < number(acknowledged)) lost += 1;
      }
    }
    isOver = true;
    await Promise.all(writing);
  } finally {
    isOver = true;
    await application.remove();
  }
  report("kills of server, database, both, one connection", KILLS);
  report("  acknowledged saves lost", lost);
  report("  back at the latest after", `${(slowest / 1000).toFixed(1)} s`);
  expect(lost).toBe(0);
  expect(slowest).toBeLessThan(BACK_WITHIN_MS);
});
