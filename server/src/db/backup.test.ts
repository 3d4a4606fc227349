import { expect, test } from "@jest/globals";
import type { ProblemList } from "@kestrelmoor/contract";
import { SHAPES } from "@kestrelmoor/core/typing";
import { execFileSync } from "node:child_process";
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import request from "supertest";
import { appOver, browserOf, createDatabase, createTestApp } from "../../test/test-app";
import { connect } from "./database";

/** The folder of PostgreSQL's programs: of the newest version, as Debian has them, or wherever the shell finds them. */
function program(name: string): string {
  const versions = "/usr/lib/postgresql";
  const [newest] = existsSync(versions)
    ? readdirSync(versions).sort((one, other) => Number(other) - Number(one))
    : [];
  return newest === undefined ? name : join(versions, newest, "bin", name);
}

/** The commands of docs/operating.md, with an address and a file of the test's own. */
function run(command: "pg_dump" | "pg_restore", url: string, file: string): void {
  const guide = readFileSync(join(__dirname, "../../../docs/operating.md"), "utf8");
  const line = new RegExp(`^${command} .*kestrelmoor\\.dump.*$`, "m").exec(guide)?.[0] ?? "";
  const [, ...words] = line.split(" ");
  const args = words.map((word) =>
    word.replace('"$DATABASE_URL"', url).replace("kestrelmoor.dump", file),
  );
  expect(args.length).toBeGreaterThan(2);
  execFileSync(program(command), args, { stdio: ["ignore", "ignore", "pipe"] });
}

test("a dump that is restored elsewhere has every notebook, and its browsers still open it", async () => {
  const folder = mkdtempSync(join(tmpdir(), "kestrelmoor-backup-"));
  const served = await createTestApp();
  const other = await createDatabase();
  const connection = connect(other.url, () => undefined);
  try {
    const browser = browserOf(served);
    const first = await browser
      .post("/api/problems")
      .send({ draft: SHAPES[0]?.picture() })
      .expect(201);
    const cookie = String((first.headers["set-cookie"] as unknown as string[])[0]).split(";")[0];
    const file = join(folder, "test.dump");
    run("pg_dump", served.url, file);
    run("pg_restore", other.url, file);
    // A second time over what is there, as after a mistake.
    run("pg_restore", other.url, file);
    const { body } = await request(appOver(connection))
      .get("/api/problems")
      .set("Cookie", cookie ?? "")
      .expect(200);
    const { id } = first.body as { id: string };
    expect((body as ProblemList).items.map((item) => item.id)).toContain(id);
  } finally {
    await connection.close();
    await Promise.all([served.close(), other.drop()]);
    rmSync(folder, { recursive: true });
  }
});
