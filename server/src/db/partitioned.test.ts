import { expect, test } from "@jest/globals";
import type { BinReply, ProblemList, SavedProblem } from "@kestrelmoor/contract";
import { FIRST_DESK, SHAPES } from "@kestrelmoor/core/typing";
import { sql } from "drizzle-orm";
import { browserOf, createTestApp, DEMO } from "../../test/test-app";
import { loadDemo } from "../demo/load-demo";

/** Turns a table into one of four partitions by a hash of the workspace, as an operator would. */
const partitioned = (table: string) => `
  alter table ${table} rename to ${table}_before;
  create table ${table} (like ${table}_before including defaults including constraints including generated)
    partition by hash (workspace_id);
  ${[0, 1, 2, 3]
    .map(
      (part) =>
        `create table ${table}_${part} partition of ${table} for values with (modulus 4, remainder ${part});`,
    )
    .join("\n")}
  alter table ${table} add primary key (workspace_id, ${table === "problems" ? "id" : "part"});
  alter table ${table} add foreign key (workspace_id) references workspaces (id) on delete cascade;
  drop table ${table}_before;`;

test("the application runs on tables that are partitioned by workspace", async () => {
  const served = await createTestApp();
  try {
    const { database } = served.connection;
    for (const table of ["problems", "desk_parts"])
      await database.execute(sql.raw(partitioned(table)));
    await loadDemo(database, DEMO);
    for (let guest = 0; guest < 6; guest += 1) {
      const browser = browserOf(served);
      const draft = SHAPES[guest]?.picture();
      const { body } = await browser.post("/api/problems").send({ draft }).expect(201);
      const { id } = body as SavedProblem;
      const save = () => browser.put(`/api/problems/${id}`).set("If-Match", '"1"').send({ draft });
      await save().expect(200);
      await save().expect(412);
      await browser.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
      await browser.put("/api/desk/early").send(FIRST_DESK.early).expect(204);
      const { items } = (await browser.get("/api/problems").expect(200)).body as ProblemList;
      expect(items[0]?.id).toBe(id);
      await browser.delete(`/api/problems/${items[1]?.id ?? ""}`).expect(204);
      const bin = (await browser.get("/api/problems/bin").expect(200)).body as BinReply;
      expect(bin.items).toHaveLength(1);
      await browser.post(`/api/problems/${id}/share`).expect(200);
    }
    const { rows } = await database.execute<{ used: number }>(
      sql`select count(distinct tableoid)::int as used from problems`,
    );
    expect(rows[0]?.used).toBeGreaterThan(1);
  } finally {
    await served.close();
  }
});
