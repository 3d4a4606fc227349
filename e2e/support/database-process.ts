import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";

/** The database server under a data folder, for tests that take it away. */

export function databasePid(dataFolder: string): number {
  return Number(readFileSync(join(dataFolder, "cluster/postmaster.pid"), "utf8").split("\n")[0]);
}

export function killDatabase(dataFolder: string): void {
  process.kill(databasePid(dataFolder), "SIGKILL");
}

export function databaseRuns(dataFolder: string): boolean {
  if (!existsSync(join(dataFolder, "cluster/postmaster.pid"))) return false;
  try {
    process.kill(databasePid(dataFolder), 0);
    return true;
  } catch {
    return false;
  }
}
