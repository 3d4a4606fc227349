import { SHAPES } from "@kestrelmoor/core/typing";
import { expect, test } from "@playwright/test";
import { setTimeout as pause } from "node:timers/promises";
import { Student, type Call } from "../support/student";
import { TwoCopies } from "../support/two-copies";

test("of two copies behind nginx one is killed while twenty students save, and nothing is lost", async () => {
  test.setTimeout(180_000);
  const both = await TwoCopies.create();
  try {
    const draft = SHAPES[0]?.picture() ?? {};
    const calls: Call[] = [];
    const students = Array.from(
      { length: 20 },
      (_, index) => new Student(both.url, `Student ${index}`, draft, (call) => calls.push(call)),
    );
    await Promise.all(students.map((student) => student.begin()));
    let isOver = false;
    const writing = students.map(async (student) => {
      while (!isOver) await student.save();
    });
    await pause(1000);
    await both.copies[0].stop("SIGKILL");
    await pause(2000);
    await both.copies[0].start();
    // nginx turns to a copy that failed again after a second.
    await pause(2000);
    await both.copies[1].stop("SIGTERM");
    await pause(500);
    isOver = true;
    await Promise.all(writing);
    for (const student of students) expect(await student.stored()).toBe(student.acknowledged);
    // nginx repeats on the other copy whatever it can: hardly anything is left for the page to repeat.
    expect(calls.length).toBeGreaterThan(200);
    const unanswered = calls.filter(({ status }) => status === 0 || status >= 500);
    expect(
      unanswered.length,
      unanswered.map(({ what, status }) => `${what} ${status}`).join(", "),
    ).toBeLessThanOrEqual(calls.length / 50);
  } finally {
    await both.remove();
  }
});
