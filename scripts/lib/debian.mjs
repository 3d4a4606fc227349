import { spawnSync } from "node:child_process";
import { accessSync, constants, existsSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { isRoot, run } from "./run.mjs";
import { Obstacle } from "./stop-with.mjs";

const POSTGRES_VERSIONS = "/usr/lib/postgresql";

/** The folder of PostgreSQL's own programs, newest version first; `null` where there is none. */
export function findPostgres() {
  const versions = existsSync(POSTGRES_VERSIONS) ? readdirSync(POSTGRES_VERSIONS) : [];
  const folders = versions
    .sort((one, other) => Number(other) - Number(one))
    .map((version) => join(POSTGRES_VERSIONS, version, "bin"));
  const onPath = (process.env.PATH ?? "").split(":").filter(Boolean);
  const isWhole = (folder) =>
    ["initdb", "pg_ctl", "postgres"].every((name) => isExecutable(join(folder, name)));
  return [...folders, ...onPath].find(isWhole) ?? null;
}

const findAmong = (paths) => paths.find((path) => isExecutable(path)) ?? null;
const findHeadlessChromium = () => findAmong(["/usr/bin/chromium-headless-shell"]);
const findChromium = () => findAmong(["/usr/bin/chromium", "/usr/bin/chromium-browser"]);

function isExecutable(path) {
  try {
    accessSync(path, constants.X_OK);
    return true;
  } catch {
    return false;
  }
}

export async function ensurePostgres() {
  return findPostgres() ?? (await installed("postgresql", findPostgres));
}

/**
 * Chromium without a window of its own, with which tests take a third less time; where it is neither
 * there nor to be had, any Chromium that is there.
 */
export async function ensureChromium() {
  const there = findHeadlessChromium();
  if (there !== null) return there;
  try {
    return await installed("chromium-headless-shell", findHeadlessChromium);
  } catch (error) {
    const other = findChromium();
    if (other === null) throw error;
    return other;
  }
}

const findNginx = () => findAmong(["/usr/sbin/nginx", "/usr/bin/nginx"]);

/** What stands in front of several copies, in tests of that. */
export async function ensureNginx() {
  return findNginx() ?? (await installed("nginx-light", findNginx));
}

/** Installs a Debian package where this user may; else says the exact command. */
async function installed(name, find) {
  const prefix = aptPrefix();
  const byHand = `sudo apt-get update && sudo apt-get install --yes --no-install-recommends ${name}`;
  if (prefix === null) {
    throw new Obstacle(`Kestrelmoor needs Debian's package ${name}. Install it with: ${byHand}`);
  }
  console.log(`Installing Debian's ${name} …`);
  const [command, ...before] = [...prefix, "apt-get"];
  const quiet = { stdio: ["ignore", "ignore", "inherit"], env: aptEnvironment() };
  await run(command, [...before, "update", "--quiet"], quiet);
  await run(
    command,
    [...before, "install", "--yes", "--quiet", "--no-install-recommends", name],
    quiet,
  );
  const found = find();
  if (found === null) {
    throw new Obstacle(`Debian's package ${name} could not be installed. Try by hand: ${byHand}`);
  }
  return found;
}

function aptEnvironment() {
  // At this level a package starts no service of its own.
  return { ...process.env, DEBIAN_FRONTEND: "noninteractive", RUNLEVEL: "1" };
}

/** How apt-get is called here: as root, through sudo without a password, or (`null`) not at all. */
function aptPrefix() {
  if (!["/usr/bin/apt-get", "/bin/apt-get"].some((path) => existsSync(path))) return null;
  if (isRoot()) return [];
  const sudo = spawnSync("sudo", ["--non-interactive", "true"], { stdio: "ignore" });
  return sudo.status === 0
    ? ["sudo", "--non-interactive", "--preserve-env=DEBIAN_FRONTEND,RUNLEVEL"]
    : null;
}
