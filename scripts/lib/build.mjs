import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { alone } from "./folder-owner.mjs";
import { inRoot } from "./folders.mjs";
import { run } from "./run.mjs";
import { Obstacle } from "./stop-with.mjs";

/** What the page and the server are built from. */
const SOURCES = ["core/src", "contract/src", "server/src", "web"];
const SINGLE_FILES = ["package-lock.json", "server/vite.config.ts"];
const MARK = inRoot("web/dist/.built-from");

/** Builds page and server, where a source has changed since the last build. */
export const buildWhenChanged = () => alone(inRoot(".cache/build"), buildWhatIsOld);

async function buildWhatIsOld() {
  const sources = fingerprint();
  const isBuilt = existsSync(inRoot("server/dist/main.js")) && existsSync(MARK);
  if (isBuilt && readFileSync(MARK, "utf8") === sources) return;
  console.log("Building …");
  for (const workspace of ["web", "server"]) {
    const code = await run(
      process.execPath,
      [inRoot("node_modules/vite/bin/vite.js"), "build", "--logLevel", "warn"],
      { cwd: inRoot(workspace) },
    );
    if (code !== 0) throw new Obstacle(`The build of ${workspace} failed; its output says why.`);
  }
  mkdirSync(inRoot("web/dist"), { recursive: true });
  writeFileSync(MARK, sources);
}

function fingerprint() {
  const hash = createHash("sha256");
  for (const file of [...SINGLE_FILES, ...SOURCES.flatMap((folder) => filesIn(folder))]) {
    hash
      .update(file)
      .update("\0")
      .update(readFileSync(inRoot(file)))
      .update("\0");
  }
  return hash.digest("hex");
}

function filesIn(folder) {
  return readdirSync(inRoot(folder), { withFileTypes: true })
    .filter(({ name }) => !["dist", "node_modules"].includes(name) && !name.includes(".test."))
    .flatMap((entry) => {
      const path = join(folder, entry.name);
      return entry.isDirectory() ? filesIn(path) : [path];
    })
    .sort();
}
