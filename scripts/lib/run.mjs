import { spawn, spawnSync } from "node:child_process";
import { ROOT } from "./folders.mjs";

/** Runs a command to its end with its output shown; resolves to its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: "inherit", ...options });
    child.once("error", reject);
    child.once("exit", (code, signal) => resolve(code ?? (signal === null ? 0 : 1)));
  });
}

/** Runs a command quietly; gives its output, and throws what it said where it failed. */
export function capture(command, args, options = {}) {
  const result = spawnSync(command, args, { encoding: "utf8", ...options });
  if (result.error !== undefined) throw result.error;
  if (result.status !== 0) {
    throw new Error(`${command} ${args.join(" ")} failed: ${result.stderr || result.stdout}`);
  }
  return result.stdout;
}

export function isRoot() {
  return process.getuid?.() === 0;
}
