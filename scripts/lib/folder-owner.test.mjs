import { afterEach, beforeEach, expect, test } from "@jest/globals";
import { spawn } from "node:child_process";
import { once } from "node:events";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { inRoot } from "./folders.mjs";
import { alone, endOwnership, takeOwnership } from "./folder-owner.mjs";

let place;
beforeEach(() => (place = mkdtempSync(join(tmpdir(), "kestrelmoor-owner-"))));
afterEach(() => rmSync(place, { recursive: true, force: true }));

/** Each writes that it begins, waits, and writes that it ends. */
const WORK = `
  import { appendFileSync } from "node:fs";
  import { alone } from ${JSON.stringify(pathToFileURL(inRoot("scripts/lib/folder-owner.mjs")).href)};
  const [place] = process.argv.slice(-1);
  await alone(place, async () => {
    appendFileSync(place + "/told", "begin\\n");
    await new Promise((resolve) => setTimeout(resolve, 100));
    appendFileSync(place + "/told", "end\\n");
  });
`;

test("processes that start together do their work one after the other", async () => {
  const processes = [1, 2, 3, 4].map(() =>
    spawn(process.execPath, ["--input-type=module", "--eval", WORK, place]),
  );
  await Promise.all(processes.map((process) => once(process, "exit")));
  expect(readFileSync(join(place, "told"), "utf8")).toBe("begin\nend\n".repeat(4));
  expect(readdirSync(place)).toEqual(["told"]);
}, 30_000);

test("what a process that is gone has left behind is taken over; what a living one has is not", async () => {
  writeFileSync(join(place, "owner"), "999999999");
  expect(takeOwnership(place)).toBe(true);
  expect(takeOwnership(place)).toBe(true);
  const other = spawn(process.execPath, ["--eval", "setInterval(() => {}, 1000)"]);
  await once(other, "spawn");
  writeFileSync(join(place, "owner"), String(other.pid));
  expect(takeOwnership(place)).toBe(false);
  endOwnership(place);
  expect(takeOwnership(place)).toBe(false);
  other.kill();
  await once(other, "exit");
  expect(takeOwnership(place)).toBe(true);
});

test("a work that fails leaves the folder free", async () => {
  await expect(alone(place, () => Promise.reject(new Error("no")))).rejects.toThrow("no");
  expect(readdirSync(place)).toEqual([]);
  endOwnership(place);
});
