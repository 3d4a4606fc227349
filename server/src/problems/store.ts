import type { ListQuery } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { and, count, desc, eq, ilike, isNotNull, isNull, or, sql, type SQL } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems, workspaces } from "../db/schema";
import type { Workspace } from "../workspaces/store";

export type ProblemRow = typeof problems.$inferSelect;

/**
 * Every function takes the workspace first: no query here can reach another's rows. A workspace shows the problems of
 * the demo notebook without having them: it gets a row of its own, under the same id, with the first change of one.
 */

const owned = ({ id }: Workspace): SQL => eq(problems.workspaceId, id);
const live = isNull(problems.deletedAt);

const isDemo = sql`${problems.workspaceId} = (select id from ${workspaces} where kind = 'demo')`;

/** @param workspace `null` for a browser that has changed nothing yet: it sees the demo notebook */
function seenBy(workspace: Workspace | null): SQL | undefined {
  if (workspace === null) return isDemo;
  if (!workspace.showsDemo) return owned(workspace);
  const isUnchanged = sql`not exists (
    select 1 from ${problems} as own where own.workspace_id = ${workspace.id} and own.id = ${problems.id}
  )`;
  return or(owned(workspace), and(isDemo, isUnchanged));
}

export async function listProblems(
  database: Database,
  workspace: Workspace | null,
  { search, page, pageSize }: ListQuery,
): Promise<{ rows: ProblemRow[]; total: number }> {
  const where = and(seenBy(workspace), live, matching(search));
  const [rows, totals] = await Promise.all([
    database
      .select()
      .from(problems)
      .where(where)
      .orderBy(desc(problems.updatedAt), problems.id)
      .limit(pageSize)
      .offset((page - 1) * pageSize),
    database.select({ total: count() }).from(problems).where(where),
  ]);
  return { rows, total: totals[0]?.total ?? 0 };
}

/** The words of a search stand for themselves, also where they look like a pattern. */
function matching(search: string): SQL | undefined {
  if (search === "") return undefined;
  // The character NUL, which no text in the database has, would end the query.
  const words = search.replaceAll("\0", "");
  const pattern = `%${words.replace(/[\\%_]/g, String.raw`\$&`)}%`;
  return or(ilike(problems.title, pattern), ilike(sql`${problems.draft} ->> 'question'`, pattern));
}

/** How many problems somebody keeps; those in the bin do not count. */
export async function countProblems(database: Database, workspace: Workspace): Promise<number> {
  const [counted] = await database
    .select({ total: count() })
    .from(problems)
    .where(and(owned(workspace), live));
  return counted?.total ?? 0;
}

export async function readProblemRow(
  database: Database,
  workspace: Workspace | null,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .select()
    .from(problems)
    .where(and(seenBy(workspace), eq(problems.id, id), live));
  return row ?? null;
}

export async function createProblem(
  database: Database,
  workspace: Workspace,
  draft: Draft,
): Promise<ProblemRow> {
  const [row] = await database
    .insert(problems)
    .values({ workspaceId: workspace.id, title: draft.title, draft })
    .returning();
  if (row === undefined) throw new Error("The problem was not created");
  return row;
}

/** Saves over a version; `null` where that version is no longer the newest, or the row is not there. */
export async function saveProblem(
  database: Database,
  workspace: Workspace,
  id: string,
  version: number,
  draft: Draft,
): Promise<ProblemRow | null> {
  const change = { title: draft.title, draft, version: version + 1 };
  const [row] = await database
    .update(problems)
    .set({ ...change, updatedAt: sql`now()` })
    .where(and(owned(workspace), eq(problems.id, id), live, eq(problems.version, version)))
    .returning();
  const own = { ...change, updatedAt: new Date() };
  return row ?? takeFromDemo(database, workspace, id, own, version);
}

/** @returns whether there was such a problem */
export async function binProblem(
  database: Database,
  workspace: Workspace,
  id: string,
): Promise<boolean> {
  const binned = await database
    .update(problems)
    .set({ deletedAt: sql`now()` })
    .where(and(owned(workspace), eq(problems.id, id), live))
    .returning({ id: problems.id });
  if (binned.length > 0) return true;
  return (await takeFromDemo(database, workspace, id, { deletedAt: new Date() })) !== null;
}

/**
 * Gives a workspace a row of its own for a problem of the demo notebook, changed as it says.
 *
 * @param version which the change is based on, if it is on one
 * @returns `null` where it shows no such problem in that version, or has such a row already
 */
async function takeFromDemo(
  database: Database,
  workspace: Workspace,
  id: string,
  change: Partial<ProblemRow>,
  version?: number,
): Promise<ProblemRow | null> {
  const shown = await readProblemRow(database, workspace, id);
  if (shown === null || shown.workspaceId === workspace.id) return null;
  if (version !== undefined && shown.version !== version) return null;
  const [row] = await database
    .insert(problems)
    .values({ ...shown, ...change, workspaceId: workspace.id })
    .onConflictDoNothing()
    .returning();
  return row ?? null;
}

export async function restoreProblem(
  database: Database,
  workspace: Workspace,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .update(problems)
    .set({ deletedAt: null })
    .where(and(owned(workspace), eq(problems.id, id), isNotNull(problems.deletedAt)))
    .returning();
  return row ?? null;
}
