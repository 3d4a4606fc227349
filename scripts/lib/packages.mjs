import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { inRoot } from "./folders.mjs";
import { run } from "./run.mjs";
import { Obstacle } from "./stop-with.mjs";

const MARK = inRoot("node_modules", ".installed-from");

/** Installs the packages of the lock file, where that has not been done since it last changed. */
export async function installPackages() {
  const lock = createHash("sha256")
    .update(readFileSync(inRoot("package-lock.json")))
    .digest("hex");
  if (existsSync(MARK) && readFileSync(MARK, "utf8") === lock) return;
  console.log("Installing the packages …");
  const code = await run("npm", ["ci", "--no-audit", "--no-fund", "--loglevel=error"]);
  if (code !== 0) {
    throw new Obstacle(
      "The packages could not be installed. Check that the package registry can be reached, then run `npm ci`.",
    );
  }
  writeFileSync(MARK, lock);
}
