import { and, count, eq, isNull, ne, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { browsers, deskParts, problems, sharedProblems, workspaces } from "../db/schema";
import type { Workspace } from "../workspaces/store";
import { newSecret, hashOf } from "../workspaces/secret";

export interface NotebookFacts {
  readonly problems: number;
  readonly inBin: number;
  readonly hasKey: boolean;
  readonly otherBrowsers: number;
}

/** What a workspace keeps, and who can open it. */
export async function notebookFacts(
  database: Database,
  { id }: Workspace,
  secretHash: string,
): Promise<NotebookFacts> {
  const [[kept], [owner], [others]] = await Promise.all([
    database
      .select({
        problems: sql<number>`count(*) filter (where ${problems.deletedAt} is null)::int`,
        inBin: sql<number>`count(*) filter (where ${problems.deletedAt} is not null and ${problems.emptiedAt} is null)::int`,
      })
      .from(problems)
      .where(eq(problems.workspaceId, id)),
    database
      .select({ keyHash: workspaces.keyHash, secretHash: workspaces.secretHash })
      .from(workspaces)
      .where(eq(workspaces.id, id)),
    database
      .select({ count: count() })
      .from(browsers)
      .where(and(eq(browsers.workspaceId, id), ne(browsers.secretHash, secretHash))),
  ]);
  const isFirst = owner?.secretHash === secretHash;
  return {
    problems: kept?.problems ?? 0,
    inBin: kept?.inBin ?? 0,
    hasKey: (owner?.keyHash ?? null) !== null,
    // The first browser has its secret with the workspace itself.
    otherBrowsers: (others?.count ?? 0) + (isFirst ? 0 : 1),
  };
}

/** Gives a workspace a key; an earlier one opens nothing any more. */
export async function setKey(
  database: Database,
  { id }: Workspace,
  keyHash: string,
): Promise<void> {
  await database.update(workspaces).set({ keyHash }).where(eq(workspaces.id, id));
}

/** The workspace that a key opens. */
export async function findByKey(database: Database, keyHash: string): Promise<Workspace | null> {
  const [found] = await database
    .select({ id: workspaces.id, showsDemo: workspaces.showsDemo })
    .from(workspaces)
    .where(eq(workspaces.keyHash, keyHash));
  return found ?? null;
}

/** Lets one more browser open a workspace. */
export async function addBrowser(
  database: Database,
  { id }: Workspace,
  secretHash: string,
): Promise<void> {
  await database.insert(browsers).values({ secretHash, workspaceId: id });
}

/** From now on a secret opens nothing. */
export async function closeBrowser(database: Database, secretHash: string): Promise<void> {
  await database.transaction(async (transaction) => {
    await transaction.delete(browsers).where(eq(browsers.secretHash, secretHash));
    // A guest has to have a secret: it gets one that nobody knows.
    await transaction
      .update(workspaces)
      .set({ secretHash: hashOf(newSecret()) })
      .where(eq(workspaces.secretHash, secretHash));
  });
}

/** From now on only one browser opens a workspace, and whoever has its key. */
export async function closeOtherBrowsers(
  database: Database,
  { id }: Workspace,
  secretHash: string,
): Promise<void> {
  await database.transaction(async (transaction) => {
    await transaction
      .delete(browsers)
      .where(and(eq(browsers.workspaceId, id), ne(browsers.secretHash, secretHash)));
    await transaction
      .update(workspaces)
      .set({ secretHash: hashOf(newSecret()) })
      .where(and(eq(workspaces.id, id), ne(workspaces.secretHash, secretHash)));
  });
}

/** Removes a workspace whose problems are now in another one; one that has a key stays. */
export async function dropWorkspace(database: Database, { id }: Workspace): Promise<void> {
  await database.delete(workspaces).where(and(eq(workspaces.id, id), isNull(workspaces.keyHash)));
}

/** Lets the shared copies of one workspace belong to another, unless that shares the same problem itself. */
export async function moveShares(
  database: Database,
  from: Workspace,
  to: Workspace,
): Promise<void> {
  await database
    .update(sharedProblems)
    .set({ workspaceId: to.id })
    .where(
      and(
        eq(sharedProblems.workspaceId, from.id),
        sql`not exists (
          select 1 from ${sharedProblems} as own
          where own.workspace_id = ${to.id} and own.problem_id = ${sharedProblems.problemId}
        )`,
      ),
    );
}

/** Everything that a workspace keeps of the desk, as it is stored. */
export async function storedDesk(
  database: Database,
  { id }: Workspace,
): Promise<Record<string, unknown>> {
  const rows = await database
    .select({ part: deskParts.part, content: deskParts.content })
    .from(deskParts)
    .where(eq(deskParts.workspaceId, id));
  return Object.fromEntries(rows.map(({ part, content }) => [part, content]));
}

/** A problem as a notebook file carries it. */
export interface CarriedRow {
  readonly id: string;
  /** The text of a JSON document. */
  readonly draft: string;
  readonly createdAt: Date;
  readonly updatedAt: Date;
  readonly deletedAt: Date | null;
}

const AT_ONCE = 50;

/** Everything that a workspace keeps itself, with its bin, some at a time: it may be more than fits into memory. */
export async function* carriedRows(
  database: Database,
  { id }: Workspace,
): AsyncGenerator<readonly CarriedRow[]> {
  for (let after = "00000000-0000-0000-0000-000000000000"; ;) {
    const rows: CarriedRow[] = await database
      .select({
        id: problems.id,
        draft: sql<string>`${problems.draft}::text`,
        createdAt: problems.createdAt,
        updatedAt: problems.updatedAt,
        deletedAt: problems.deletedAt,
      })
      .from(problems)
      .where(
        and(
          eq(problems.workspaceId, id),
          isNull(problems.emptiedAt),
          sql`${problems.id} > ${after}`,
        ),
      )
      .orderBy(problems.id)
      .limit(AT_ONCE);
    if (rows.length > 0) yield rows;
    const last = rows.at(-1);
    if (last === undefined || rows.length < AT_ONCE) return;
    after = last.id;
  }
}
