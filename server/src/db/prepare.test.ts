import { expect, test } from "@jest/globals";
import { createDatabase, DEMO, MIGRATIONS } from "../../test/test-app";
import { loadDemo } from "../demo/load-demo";
import { connect, PATIENCE, prepare } from "./database";
import { problems, workspaces } from "./schema";

test("several copies that start at once on an empty database all get ready, with one demo notebook", async () => {
  const { url, drop } = await createDatabase();
  const copies = Array.from({ length: 6 }, () => connect(url, () => undefined, PATIENCE.preparing));
  try {
    await Promise.all(
      copies.map(({ database }) => prepare(database, MIGRATIONS, () => loadDemo(database, DEMO))),
    );
    const database = copies[0]?.database;
    expect(await database?.$count(workspaces)).toBe(1);
    expect(await database?.$count(problems)).toBeGreaterThanOrEqual(6);
  } finally {
    await Promise.all(copies.map(({ close }) => close()));
    await drop();
  }
});
