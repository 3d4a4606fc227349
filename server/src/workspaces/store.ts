import { eq, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems, workspaces } from "../db/schema";

/** The workspace that a secret opens, or `null`. */
export async function findWorkspace(
  database: Database,
  secretHash: string,
): Promise<string | null> {
  const [found] = await database
    .select({ id: workspaces.id })
    .from(workspaces)
    .where(eq(workspaces.secretHash, secretHash));
  return found?.id ?? null;
}

/** Makes a guest's workspace, with a copy of the demo notebook to begin with. */
export async function createGuestWorkspace(
  database: Database,
  secretHash: string,
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [created] = await transaction
      .insert(workspaces)
      .values({ kind: "guest", secretHash })
      .returning({ id: workspaces.id });
    if (created === undefined) throw new Error("The workspace was not created");
    await transaction.execute(sql`
      insert into ${problems} (workspace_id, title, draft, created_at, updated_at)
      select ${created.id}, ${problems.title}, ${problems.draft}, ${problems.createdAt}, ${problems.updatedAt}
      from ${problems} join ${workspaces} on ${workspaces.id} = ${problems.workspaceId}
      where ${workspaces.kind} = 'demo' and ${problems.deletedAt} is null
    `);
    return created.id;
  });
}
