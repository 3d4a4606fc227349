import { eq, inArray, or, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { browsers, workspaces } from "../db/schema";

/** What one browser sees. */
export interface Workspace {
  readonly id: string;
  /** Whether it has the problems of the demo notebook, as long as they are not changed here. */
  readonly showsDemo: boolean;
}

const shape = { id: workspaces.id, showsDemo: workspaces.showsDemo };

/** A notebook that is opened counts as used; that is noted once in so many days, so that a look writes nothing. */
const NOTED_AFTER_DAYS = 30;

/** The workspace that a secret opens, or `null`: the first browser's, or one that was opened with a key. */
export async function findWorkspace(
  database: Database,
  secretHash: string,
): Promise<Workspace | null> {
  const [found] = await database
    .select({
      ...shape,
      isStale: sql<boolean>`${workspaces.usedAt} < now() - make_interval(days => ${NOTED_AFTER_DAYS})`,
    })
    .from(workspaces)
    .where(
      or(
        eq(workspaces.secretHash, secretHash),
        inArray(
          workspaces.id,
          database
            .select({ id: browsers.workspaceId })
            .from(browsers)
            .where(eq(browsers.secretHash, secretHash)),
        ),
      ),
    );
  if (found === undefined) return null;
  const { isStale, ...workspace } = found;
  if (isStale) {
    await database
      .update(workspaces)
      .set({ usedAt: sql`now()` })
      .where(eq(workspaces.id, workspace.id));
  }
  return workspace;
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
