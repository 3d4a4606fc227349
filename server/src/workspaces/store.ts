import { eq, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { workspaces } from "../db/schema";

/** What one browser sees. */
export interface Workspace {
  readonly id: string;
  /** Whether it has the problems of the demo notebook, as long as they are not changed here. */
  readonly showsDemo: boolean;
}

const shape = { id: workspaces.id, showsDemo: workspaces.showsDemo };

/** The workspace that a secret opens, or `null`. */
export async function findWorkspace(
  database: Database,
  secretHash: string,
): Promise<Workspace | null> {
  const [found] = await database
    .select(shape)
    .from(workspaces)
    .where(eq(workspaces.secretHash, secretHash));
  return found ?? null;
}

/** Makes a guest's workspace; if two windows of one browser change something at once, both get the same. */
export async function makeGuestWorkspace(
  database: Database,
  secretHash: string,
): Promise<Workspace> {
  const [made] = await database
    .insert(workspaces)
    .values({ kind: "guest", secretHash, showsDemo: true })
    // An update of nothing, so that the row that is there already is returned.
    .onConflictDoUpdate({
      target: workspaces.secretHash,
      set: { secretHash: sql`excluded.secret_hash` },
    })
    .returning(shape);
  if (made === undefined) throw new Error("The workspace was not created");
  return made;
}
