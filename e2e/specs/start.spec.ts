import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { test, expect } from "@playwright/test";
import { Application } from "../support/application";
import { databasePid, databaseRuns, killDatabase } from "../support/database-process";

const ROOT = join(import.meta.dirname, "../..");

test("starts, survives kill -9 of the server and of the database, and ends cleanly", async () => {
  test.setTimeout(180_000);
  const application = await Application.create();
  try {
    const created = await fetch(`${application.url}/api/problems`);
    const cookie = created.headers.getSetCookie()[0]?.split(";")[0] ?? "";
    const read = async () => {
      const reply = await fetch(`${application.url}/api/problems`, { headers: { cookie } });
      return ((await reply.json()) as { total: number }).total;
    };
    const total = await read();
    expect(total).toBeGreaterThanOrEqual(6);

    await test.step("kill -9 of the server alone", async () => {
      await application.stop("SIGKILL");
      const { took, line } = await application.start();
      expect(line).toBe(`Kestrelmoor is ready at ${application.url}`);
      expect(took).toBeLessThan(5000);
      expect(await read()).toBe(total);
    });

    await test.step("kill -9 of the database alone: it is back by itself within 5 seconds", async () => {
      const before = databasePid(application.dataFolder);
      killDatabase(application.dataFolder);
      const isAnother = () =>
        databaseRuns(application.dataFolder) && databasePid(application.dataFolder) !== before;
      await expect.poll(isAnother, { timeout: 5000, intervals: [100] }).toBe(true);
      await expect.poll(read, { timeout: 5000, intervals: [100] }).toBe(total);
    });

    await test.step("kill -9 of both", async () => {
      killDatabase(application.dataFolder);
      await application.stop("SIGKILL");
      await application.start();
      expect(await read()).toBe(total);
    });

    await test.step("a port that is taken is said in one sentence", () => {
      const second = spawnSync(process.execPath, ["scripts/start.mjs"], {
        cwd: ROOT,
        encoding: "utf8",
        env: { ...process.env, PORT: String(application.port) },
      });
      expect(second.status).toBe(1);
      expect(second.stderr.trim()).toBe(
        `Port ${application.port} is taken. Stop what listens there, or choose another: PORT=${application.port + 1} npm start`,
      );
    });

    await test.step("SIGTERM ends it and the database within 5 seconds", async () => {
      expect(await application.stop("SIGTERM")).toBeLessThan(5000);
      expect(databaseRuns(application.dataFolder)).toBe(false);
    });
  } finally {
    await application.remove();
  }
});
