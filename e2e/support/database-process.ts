import { spawnSync } from "node:child_process";
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

/** Starts it again as it was, by the same script that the application uses. */
export function startDatabase(dataFolder: string): void {
  const script = `
    const { startCluster } = await import("./scripts/lib/cluster.mjs");
    const { ensurePostgres } = await import("./scripts/lib/debian.mjs");
    await startCluster(await ensurePostgres(), ${JSON.stringify(dataFolder)});
  `;
  const started = spawnSync(process.execPath, ["--input-type=module", "--eval", script], {
    cwd: join(import.meta.dirname, "../.."),
    encoding: "utf8",
  });
  if (started.status !== 0) throw new Error(started.stderr);
}
